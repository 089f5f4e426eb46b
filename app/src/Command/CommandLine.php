<?php

declare(strict_types=1);

namespace App\Command;

use Notagram\Handover\Targets;
use Notagram\Message\Message;
use Notagram\Message\Sentences;
use Symfony\Component\Console\Application;
use Symfony\Component\Console\Exception\CommandNotFoundException;
use Symfony\Component\Console\Exception\ExceptionInterface;
use Symfony\Component\Console\Input\ArgvInput;
use Symfony\Component\Console\Input\InputOption;

/** All commands over sheets. Whatever happens, standard error gets sentences and no trace of the program. */
final class CommandLine
{
    private const UNUSABLE = 2;

    private static bool $hasEnded = false;
    private static ?Sentences $sentences = null;

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
        $input = new ArgvInput($arguments);
        $language = $input->getParameterOption('--language', 'en');
        if (!\is_string($language) || !\in_array($language, Sentences::languages(), true)) {
            self::$hasEnded = true;

            return self::refused('language', language: \is_string($language) ? $language : '', known: implode(', ', Sentences::languages()));
        }
        self::$sentences = Sentences::in($language);
        $application = self::application(self::$sentences);
        // A script cannot answer a question.
        $input->setInteractive(false);
        try {
            $status = $application->run($input);
        } catch (CommandNotFoundException $exception) {
            $nearest = $exception->getAlternatives();
            $status = self::refused([] === $nearest ? 'command' : 'command-like', command: $input->getFirstArgument() ?? '', nearest: implode(', ', $nearest));
        } catch (ExceptionInterface $exception) {
            // What the console says of options it does not know.
            $status = self::ended($exception->getMessage());
        } catch (\Throwable $error) {
            $status = self::ended(self::gaveUp($arguments)." ({$error->getMessage()})");
        }
        self::$hasEnded = true;

        return $status;
    }

    private static function application(Sentences $sentences): Application
    {
        $application = new Application('notagram');
        $application->setAutoExit(false);
        $application->setCatchExceptions(false);
        $application->getDefinition()->addOption(new InputOption('language', null, InputOption::VALUE_REQUIRED, $sentences->of(Message::of('command/option/language', known: implode(', ', Sentences::languages()))), 'en'));
        $application->addCommands([new ReadCommand($sentences), new CheckCommand($sentences), new MendCommand($sentences), new ConvertCommand($sentences, Targets::standard()), new TidyCommand($sentences), new MarkCommand($sentences), new AmendCommand($sentences), new NameCommand($sentences), new PointsCommand($sentences), new RehearseCommand($sentences, Targets::standard()), new ScoreCommand($sentences), new DrawCommand($sentences), new DraftCommand($sentences)]);

        return $application;
    }

    private static function refused(string $reason, string ...$arguments): int
    {
        return self::ended(self::sentences()->of(Message::of('command/refusal/'.$reason, ...$arguments)));
    }

    private static function sentences(): Sentences
    {
        return self::$sentences ?? Sentences::english();
    }

    private static function ended(string $sentence): int
    {
        fwrite(\STDERR, $sentence."\n");

        return self::UNUSABLE;
    }

    /** @param list<string> $arguments */
    private static function gaveUp(array $arguments): string
    {
        $files = array_filter(\array_slice($arguments, 2), static fn (string $argument) => '-' === $argument || !str_starts_with($argument, '-'));

        return self::sentences()->of(Message::of('command/gave-up', count: \count($files), files: implode(', ', array_map(static fn (string $file) => "“{$file}”", $files))));
    }
}
