<?php

declare(strict_types=1);

namespace Ektype\App\Console;

use Ektype\App\FilmSet\LightTable;
use Ektype\Core\Film\CheckedFilm;
use Ektype\Core\Film\CheckedMark;
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
            return Told::refuse($output, $refusal->on, $refusal->getMessage());
        }
        Told::json($output, [
            'films' => array_map(static fn (CheckedFilm $film): array => [
                'file' => $film->file,
                'wide_mm' => $film->wideMm,
                'high_mm' => $film->highMm,
                'marks' => array_map(
                    static fn (CheckedMark $mark): array => ['at_mm' => [$mark->at->xMm, $mark->at->yMm], 'off_mm' => $mark->offMm],
                    $film->marks,
                ),
                'worst_mm' => $film->worstMm,
            ], $check->films),
            'worst_mm' => $check->worstMm,
            'in_register' => $check->inRegister,
            'says' => $check->says,
        ]);

        return $check->inRegister ? self::SUCCESS : self::OFF;
    }
}
