<?php

declare(strict_types=1);

namespace Ektype\App\Console;

use Symfony\Component\Console\Command\Command;
use Symfony\Component\Console\Output\ConsoleOutputInterface;
use Symfony\Component\Console\Output\OutputInterface;

/** What a command tells, on its output or where errors go. */
final class Told
{
    /** @param array<string, mixed> $answer */
    public static function json(OutputInterface $output, array $answer): int
    {
        $output->writeln(json_encode(
            $answer,
            \JSON_PRETTY_PRINT | \JSON_UNESCAPED_SLASHES | \JSON_UNESCAPED_UNICODE | \JSON_PRESERVE_ZERO_FRACTION | \JSON_THROW_ON_ERROR,
        ), OutputInterface::OUTPUT_RAW);

        return Command::SUCCESS;
    }

    public static function refuse(OutputInterface $output, string $field, string $sentence): int
    {
        $errors = $output instanceof ConsoleOutputInterface ? $output->getErrorOutput() : $output;
        $errors->writeln(($field === '' ? '' : $field.': ').$sentence, OutputInterface::OUTPUT_RAW);

        return Command::FAILURE;
    }
}
