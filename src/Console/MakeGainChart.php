<?php

declare(strict_types=1);

namespace Ektype\App\Console;

use Ektype\App\Console\Asked\ChartAsked;
use Ektype\App\FilmSet\Films;
use Ektype\App\FilmSet\FilmSetWriter;
use Ektype\App\FilmSet\FilmsInFolder;
use Ektype\App\Request\RequestReader;
use Ektype\App\Work\Chart\ChartFilm;
use Ektype\Core\Film\FilmPrinter;
use Ektype\Core\Halftone\ChartPatch;
use Ektype\Core\Halftone\GainChart;
use Symfony\Component\Console\Attribute\AsCommand;
use Symfony\Component\Console\Input\InputInterface;
use Symfony\Component\Console\Input\InputOption;
use Symfony\Component\Console\Output\OutputInterface;

/** @extends OptionsCommand<ChartAsked> */
#[AsCommand('gain:chart', 'A film with every fifth tone three times, in the dots of a plate: print it, read it, and gain:read tells the curve')]
final class MakeGainChart extends OptionsCommand
{
    public function __construct(RequestReader $reader, private readonly FilmsInFolder $folder)
    {
        parent::__construct($reader);
    }

    protected function reads(): string
    {
        return ChartAsked::class;
    }

    protected function options(): array
    {
        return ['lpi' => false, 'angle' => false, 'dot' => true, 'dpi' => false, 'formats' => true, 'out' => true];
    }

    protected function configure(): void
    {
        $this->addOption('lpi', null, InputOption::VALUE_REQUIRED, 'Ruling of the plate, lines per inch')
            ->addOption('angle', null, InputOption::VALUE_REQUIRED, 'Its angle, degrees anticlockwise')
            ->addOption('dot', null, InputOption::VALUE_REQUIRED, 'round, ellipse or line', 'round')
            ->addOption('dpi', null, InputOption::VALUE_REQUIRED, 'Film resolution', '600')
            ->addOption('formats', null, InputOption::VALUE_REQUIRED, 'pdf, png, tiff, svg', 'pdf,png')
            ->addOption('out', null, InputOption::VALUE_REQUIRED, 'Folder for the film');
    }

    protected function carryOut(object $asked, InputInterface $input, OutputInterface $output): int
    {
        $formats = FilmSetWriter::formats($asked->formats);

        return Told::json($output, $this->write($asked, $formats, $this->folder->older($asked->out)));
    }

    /**
     * @param list<string> $formats
     * @param list<string> $older
     *
     * @return array<string, mixed> what is told of the chart
     */
    private function write(ChartAsked $asked, array $formats, array $older): array
    {
        $chart = ChartFilm::of($asked->dpi, $asked->lpi, $asked->angle, $asked->dot);
        [$cell, $sheet] = [$chart->cell, $chart->sheet];
        $printer = new FilmPrinter(dpi: $asked->dpi, mediaWidthMm: 2000);
        $told = [
            'lpi' => round($cell->lpi, 4),
            'angle_deg' => round($cell->angleDeg, 4),
            'dot' => $asked->dot->value,
            'patch_mm' => GainChart::PATCH_MM,
            'patches' => array_map(static fn (ChartPatch $p): array => ['tone' => $p->tonePct, 'copy' => $p->copy, 'at_mm' => [$p->xMm, $p->yMm]], GainChart::patches()),
        ];
        $set = Films::ofOne($chart->plate, $sheet, $formats, $printer, null, ['gain_chart' => $told]);
        $this->folder->write($asked->out, $set, $older);

        return [...$told, 'width_mm' => $set->manifest['width_mm'], 'height_mm' => $set->manifest['height_mm']];
    }
}
