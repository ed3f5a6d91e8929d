<?php

declare(strict_types=1);

namespace Ektype\App\Console;

use Ektype\App\Console\Asked\GainAsked;
use Ektype\App\Request\RequestReader;
use Ektype\App\Work\ScannedPositive;
use Ektype\App\Work\UnreadableScan;
use Ektype\Core\Halftone\ChartScan;
use Ektype\Core\Halftone\GainChart;
use Ektype\Core\Halftone\PressGain;
use Ektype\Core\Halftone\PrintedTone;
use Ektype\Core\Halftone\ReadTone;
use Ektype\Core\Unit\Refusal;
use Symfony\Component\Console\Attribute\AsCommand;
use Symfony\Component\Console\Input\InputArgument;
use Symfony\Component\Console\Input\InputInterface;
use Symfony\Component\Console\Output\OutputInterface;

/** @extends JsonCommand<GainAsked> */
#[AsCommand('gain:read', 'The curve of a press from the patches of a printed chart, and the film that undoes it (JSON in, JSON out)')]
final class ReadGain extends JsonCommand
{
    /** The scan is read at this resolution: fine enough for patches of 12 mm. */
    private const LOOK_DPI = 150.0;

    public function __construct(RequestReader $reader, private readonly ScannedPositive $scans)
    {
        parent::__construct($reader);
    }

    protected function configure(): void
    {
        $this->addArgument('input', InputArgument::OPTIONAL, 'A scan of the printed chart, a JSON file with its readings, or - for standard input', '-');
    }

    protected function execute(InputInterface $input, OutputInterface $output): int
    {
        $from = $input->getArgument('input');
        if (!\is_string($from) || !self::isPicture($from)) {
            return parent::execute($input, $output);
        }
        try {
            $sheet = GainChart::sheet(self::LOOK_DPI);
            $lights = $this->scans->lights($from, $sheet);

            return Told::json($output, self::told(new PressGain(ChartScan::read($lights, $sheet->artWidthPx, $sheet->artHeightPx))));
        } catch (UnreadableScan) {
            return Told::refuse($output, 'scan', 'The marks of the chart were not all found on the scan, so its patches cannot be. Scan the print whole, marks and all, at 300 pixels an inch, without scaling; on dark cloth type the patches in.');
        } catch (Refusal $refusal) {
            return Told::refuse($output, 'scan', $refusal->getMessage());
        }
    }

    private static function isPicture(string $path): bool
    {
        return $path !== '-' && is_file($path) && !str_starts_with(ltrim((string) file_get_contents($path, length: 64)), '{');
    }

    protected function reads(): string
    {
        return GainAsked::class;
    }

    protected function answer(object $asked): array
    {
        return self::told(new PressGain($asked->tones()));
    }

    /** @return array<string, mixed> */
    private static function told(PressGain $gain): array
    {
        return [
            'curve' => array_map(static fn (int $pct): array => self::point($gain->at($pct / 100)), range(10, 90, 10)),
            'gain_at_half_pct' => round(100 * ($gain->at(0.5)->printed - 0.5), 2),
            // As --curve of tone:screen and art:separate reads it.
            'points' => array_map(static fn (int $pct): array => [(float) $pct, round(100 * $gain->film($pct / 100), 2)], range(5, 95, 5)),
            'scatter_pct' => round(100 * $gain->scatter, 2),
            'rests_on' => $gain->restsOn,
            'says' => array_map(static fn (ReadTone $w): string => \sprintf('The reading of %.0f %%, printed %.0f %%, does not fit the others, which say %.0f %%: it was left out. Read that patch again.', 100 * $w->film, 100 * $w->printed, 100 * $gain->at($w->film)->printed), $gain->wild),
        ];
    }

    /** @return array<string, float> */
    private static function point(PrintedTone $tone): array
    {
        return [
            'tone' => round(100 * $tone->film, 1),
            'printed' => round(100 * $tone->printed, 2),
            'low' => round(100 * $tone->low, 2),
            'high' => round(100 * $tone->high, 2),
        ];
    }
}
