<?php

declare(strict_types=1);

namespace Ektype\App\Console;

use Ektype\App\Work\LightTable;
use Ektype\Core\Unit\Refusal;
use Symfony\Component\Console\Attribute\AsCommand;
use Symfony\Component\Console\Command\Command;
use Symfony\Component\Console\Input\InputArgument;
use Symfony\Component\Console\Input\InputInterface;
use Symfony\Component\Console\Output\OutputInterface;

#[AsCommand('films:check', 'Lays films over each other and reports any mark that is off')]
final class CheckFilms extends Command
{
    /** Exit code where the films are not in register. */
    private const OFF = 2;

    public function __construct(private readonly LightTable $table)
    {
        parent::__construct();
    }

    protected function configure(): void
    {
        $this->addArgument('dir', InputArgument::REQUIRED, 'A folder of PNG, TIFF or PDF films');
    }

    protected function execute(InputInterface $input, OutputInterface $output): int
    {
        $dir = $input->getArgument('dir');
        try {
            $check = $this->table->folder(\is_string($dir) ? $dir : '');
        } catch (Refusal $refusal) {
            return JsonCommand::refuse($output, $refusal);
        }
        $output->writeln(json_encode(['films' => $check->films, 'worst_mm' => $check->worstMm, 'in_register' => $check->inRegister, 'says' => $check->says], \JSON_PRETTY_PRINT | \JSON_UNESCAPED_SLASHES | \JSON_UNESCAPED_UNICODE | \JSON_PRESERVE_ZERO_FRACTION | \JSON_THROW_ON_ERROR), OutputInterface::OUTPUT_RAW);

        return $check->inRegister ? self::SUCCESS : self::OFF;
    }
}
