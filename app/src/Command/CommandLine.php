<?php

declare(strict_types=1);

namespace App\Command;

use Symfony\Component\Console\Application;
use Symfony\Component\Console\Exception\CommandNotFoundException;
use Symfony\Component\Console\Exception\ExceptionInterface;
use Symfony\Component\Console\Input\ArgvInput;

/** All commands over sheets. Whatever happens, standard error gets sentences and no trace of the program. */
final class CommandLine
{
    private const UNUSABLE = 2;

    private static bool $hasEnded = false;

    /** @param list<string> $arguments with the program's name first */
    public static function run(array $arguments): int
    {
        // Where PHP itself gives up, for instance for want of memory, nothing is thrown.
        ini_set('display_errors', '0');
        ini_set('log_errors', '0');
        register_shutdown_function(static function () use ($arguments): void {
            if (!self::$hasEnded) {
                fwrite(\STDERR, self::gaveUp($arguments)."\n");
                exit(self::UNUSABLE);
            }
        });
        $application = new Application('notagram');
        $application->setAutoExit(false);
        $application->setCatchExceptions(false);
        $application->addCommands([new ReadCommand(), new CheckCommand(), new MendCommand(), new ConvertCommand(), new TidyCommand(), new MarkCommand()]);
        $input = new ArgvInput($arguments);
        // A script cannot answer a question.
        $input->setInteractive(false);
        try {
            $status = $application->run($input);
        } catch (CommandNotFoundException $exception) {
            $nearest = $exception->getAlternatives();
            $status = self::refused(\sprintf('There is no command “%s”.', $input->getFirstArgument() ?? '').([] === $nearest ? ' bin/notagram list names them all.' : ' Did you mean '.implode(' or ', $nearest).'?'));
        } catch (ExceptionInterface $exception) {
            $status = self::refused($exception->getMessage());
        } catch (\Throwable $error) {
            $status = self::refused(self::gaveUp($arguments)." What it says of itself: {$error->getMessage()}");
        }
        self::$hasEnded = true;

        return $status;
    }

    private static function refused(string $sentence): int
    {
        fwrite(\STDERR, $sentence."\n");

        return self::UNUSABLE;
    }

    /** @param list<string> $arguments */
    private static function gaveUp(array $arguments): string
    {
        $files = array_filter(\array_slice($arguments, 2), static fn (string $argument) => '-' === $argument || !str_starts_with($argument, '-'));

        return \sprintf('Notagram could not finish with %s. That is a fault of the program: please tell its makers, with the file.', [] === $files ? 'this' : implode(', ', array_map(static fn (string $file) => "“{$file}”", $files)));
    }
}
