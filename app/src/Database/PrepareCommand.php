<?php

declare(strict_types=1);

namespace App\Database;

use Doctrine\Migrations\DependencyFactory;
use Notagram\Message\Message;
use Notagram\Message\Sentences;
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

#[AsCommand('notagram:prepare')]
final class PrepareCommand extends Command
{
    public function __construct(
        private readonly SafetyCopies $copies,
        private readonly DatabaseTrouble $trouble,
        private readonly Sentences $sentences,
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
        $this->setDescription($this->sentences->of(new Message('database/about/prepare')))
            ->addOption('fresh', null, InputOption::VALUE_NONE, $this->sentences->of(new Message('database/option/fresh')));
    }

    protected function execute(InputInterface $input, OutputInterface $output): int
    {
        $errors = $output instanceof ConsoleOutputInterface ? $output->getErrorOutput() : $output;
        $isThere = is_file($this->path) && filesize($this->path) > 0;
        if ($isThere && true === $input->getOption('fresh')) {
            $output->writeln($this->sentences->of(Message::of('database/moved-aside', file: $this->copies->moveAside($this->clock->now()))));
            $isThere = false;
        }
        try {
            if ($isThere) {
                SafetyCopies::check($this->path);
            } elseif (!@touch($this->path)) {
                throw new CopyFailed(Message::of('database/not-made', path: $this->path));
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
            $errors->writeln([$this->sentences->of($failure->reason), $this->sentences->of(new Message('database/what-to-do'))]);

            return self::FAILURE;
        } catch (\Throwable $error) {
            $errors->writeln($this->sentences->of($this->trouble->of($error) ?? throw $error));

            return self::FAILURE;
        }

        return self::SUCCESS;
    }

    private function isBehind(): bool
    {
        return $this->migrations->getMigrationStatusCalculator()->getNewMigrations()->count() > 0;
    }
}
