<?php

declare(strict_types=1);

namespace Ektype\App\Console;

use Ektype\App\Console\Asked\GainAsked;
use Ektype\App\Request\RequestReader;
use Ektype\App\Work\Chart\ScannedChart;
use Ektype\Core\Halftone\PressGain;
use Ektype\Core\Halftone\PrintedTone;
use Ektype\Core\Unit\Refusal;
use Symfony\Component\Console\Attribute\AsCommand;
use Symfony\Component\Console\Input\InputArgument;
use Symfony\Component\Console\Input\InputInterface;
use Symfony\Component\Console\Input\InputOption;
use Symfony\Component\Console\Output\OutputInterface;

/** @extends JsonCommand<GainAsked> */
#[AsCommand('gain:read', 'The curve of a press from the patches of a printed chart, and the film that undoes it (JSON in, JSON out)')]
final class ReadGain extends JsonCommand
{
    public function __construct(RequestReader $reader, private readonly ScannedChart $chart)
    {
        parent::__construct($reader);
    }

    protected function configure(): void
    {
        $this->addArgument('input', InputArgument::OPTIONAL, 'A scan of the printed chart, a JSON file with its readings, or - for standard input', '-')
            ->addOption('lpi', null, InputOption::VALUE_REQUIRED, 'Ruling of the plates that a scan is read for: a chart of another is refused');
    }

    protected function execute(InputInterface $input, OutputInterface $output): int
    {
        $from = $input->getArgument('input');
        if (!\is_string($from) || !self::isPicture($from)) {
            return parent::execute($input, $output);
        }
        $lpi = $input->getOption('lpi');
        if ($lpi !== null && (!is_numeric($lpi) || $lpi <= 0)) {
            return Told::refuse($output, 'lpi', \sprintf('“%s” is no ruling. Give the lines per inch of the plates, such as 45.', mb_strimwidth(\is_string($lpi) ? $lpi : '', 0, 20, '…')));
        }
        try {
            $chart = $this->chart->read($from, $lpi === null ? null : (float) $lpi);

            return Told::json($output, [...self::told(new PressGain($chart->readings)), 'lpi' => $chart->lpi === null ? null : round($chart->lpi, 1)]);
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
            'says' => $gain->says(),
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
