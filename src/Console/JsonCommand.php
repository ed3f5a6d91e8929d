<?php

declare(strict_types=1);

namespace Ektype\App\Console;

use Ektype\Core\Unit\Given;
use Ektype\Core\Unit\Refusal;
use Symfony\Component\Console\Command\Command;
use Symfony\Component\Console\Input\InputArgument;
use Symfony\Component\Console\Input\InputInterface;
use Symfony\Component\Console\Output\ConsoleOutputInterface;
use Symfony\Component\Console\Output\OutputInterface;

/** A command that reads one JSON object from a file or standard input and answers with one. */
abstract class JsonCommand extends Command
{
    protected function configure(): void
    {
        $this->addArgument('input', InputArgument::OPTIONAL, 'A JSON file, or - for standard input', '-');
    }

    /** @return array<string, mixed> */
    abstract protected function answer(Given $given): array;

    protected function execute(InputInterface $input, OutputInterface $output): int
    {
        try {
            $answer = $this->answer(Given::fromJson(self::read($input->getArgument('input'))));
        } catch (Refusal $refusal) {
            return self::refuse($output, $refusal);
        }
        $output->writeln(json_encode($answer, \JSON_PRETTY_PRINT | \JSON_UNESCAPED_SLASHES | \JSON_UNESCAPED_UNICODE | \JSON_PRESERVE_ZERO_FRACTION | \JSON_THROW_ON_ERROR), OutputInterface::OUTPUT_RAW);

        return self::SUCCESS;
    }

    public static function refuse(OutputInterface $output, Refusal $refusal): int
    {
        $errors = $output instanceof ConsoleOutputInterface ? $output->getErrorOutput() : $output;
        $errors->writeln(($refusal->field === '' ? '' : $refusal->field.': ').$refusal->getMessage(), OutputInterface::OUTPUT_RAW);

        return self::FAILURE;
    }

    private static function read(mixed $from): string
    {
        if (!\is_string($from) || ($from !== '-' && !is_file($from))) {
            throw Refusal::because(\sprintf('There is no file “%s”. Name a JSON file, or - to read standard input.', \is_string($from) ? $from : ''));
        }

        return (string) file_get_contents($from === '-' ? 'php://stdin' : $from);
    }
}
