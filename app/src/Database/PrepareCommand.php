<?php

declare(strict_types=1);

namespace App\Database;

use Doctrine\Migrations\DependencyFactory;
use Psr\Clock\ClockInterface;
use Symfony\Component\Console\Attribute\AsCommand;
use Symfony\Component\Console\Command\Command;
use Symfony\Component\Console\Input\ArrayInput;
use Symfony\Component\Console\Input\InputInterface;
use Symfony\Component\Console\Input\InputOption;
use Symfony\Component\Console\Output\ConsoleOutputInterface;
use Symfony\Component\Console\Output\NullOutput;
use Symfony\Component\Console\Output\OutputInterface;
use Symfony\Component\DependencyInjection\Attribute\Autowire;

#[AsCommand('notagram:prepare', 'Makes the database ready before the server starts: checks it, copies it, and brings it up to date.')]
final class PrepareCommand extends Command
{
    public function __construct(
        private readonly SafetyCopies $copies,
        private readonly DatabaseTrouble $trouble,
        private readonly ClockInterface $clock,
        #[Autowire(service: 'doctrine.migrations.dependency_factory')]
        private readonly DependencyFactory $migrations,
        #[Autowire('%env(resolve:DATABASE_PATH)%')]
        private readonly string $path,
    ) {
        parent::__construct();
    }

    protected function configure(): void
    {
        $this->addOption('fresh', null, InputOption::VALUE_NONE, 'Start with an empty database; the one there is is moved aside');
    }

    protected function execute(InputInterface $input, OutputInterface $output): int
    {
        $errors = $output instanceof ConsoleOutputInterface ? $output->getErrorOutput() : $output;
        $isThere = is_file($this->path) && filesize($this->path) > 0;
        if ($isThere && true === $input->getOption('fresh')) {
            $output->writeln('The sheets that were there are kept in '.$this->copies->moveAside($this->clock->now()));
            $isThere = false;
        }
        try {
            if ($isThere) {
                SafetyCopies::check($this->path);
            } elseif (!@touch($this->path)) {
                throw new CopyFailed("The database {$this->path} cannot be made. Check that its folder can be written to.");
            }
            if ($this->isBehind()) {
                if ($isThere) {
                    $this->copies->writeBefore('update', $this->clock->now());
                }
                $migrate = new ArrayInput(['command' => 'doctrine:migrations:migrate', '--quiet' => true]);
                $migrate->setInteractive(false);
                $this->getApplication()?->doRun($migrate, new NullOutput());
            }
        } catch (CopyFailed $failure) {
            $errors->writeln($failure->getMessage());
            $errors->writeln('Put back a copy with bin/restore, or start with an empty shelf with bin/demo --fresh: this file is kept then.');

            return self::FAILURE;
        } catch (\Throwable $error) {
            $errors->writeln($this->trouble->sentence($error) ?? throw $error);

            return self::FAILURE;
        }

        return self::SUCCESS;
    }

    private function isBehind(): bool
    {
        return $this->migrations->getMigrationStatusCalculator()->getNewMigrations()->count() > 0;
    }
}
