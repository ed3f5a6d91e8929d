<?php

declare(strict_types=1);

namespace Ektype\App\Query\Art;

use Ektype\App\Work\Chart\ReadChart;
use Ektype\Core\Halftone\PressGain;
use Ektype\Core\Halftone\ReadTone;

/** What the scan of a gain chart says; nothing is kept yet. */
final readonly class ChartSeen
{
    /**
     * @param string|null     $device   that printed and scanned it, where it was no hand; a stand-in says that it is simulated
     * @param float|null      $lpi      lines per inch of its dots; null where the scan is too coarse to show them
     * @param list<ChartTone> $readings every patch between bare and solid
     * @param list<CurveTone> $curve    what each tenth of a tone prints as
     * @param list<string>    $says     readings that were left out
     */
    private function __construct(
        public ?string $device,
        public ?float $lpi,
        public array $readings,
        public array $curve,
        public int $restsOn,
        public array $says,
    ) {
    }

    /** @throws \Ektype\Core\Halftone\UnusableGain where no curve goes through them */
    public static function of(ReadChart $chart, ?string $device): self
    {
        $gain = new PressGain($chart->readings);

        return new self(
            $device,
            $chart->lpi === null ? null : round($chart->lpi, 1),
            array_map(static fn (ReadTone $r): ChartTone => new ChartTone(round(100 * $r->film, 1), round(100 * $r->printed, 2)), $chart->readings),
            array_map(static function (int $pct) use ($gain): CurveTone {
                $tone = $gain->at($pct / 100);

                return new CurveTone($pct, round(100 * $tone->printed, 1), round(100 * $tone->low, 1), round(100 * $tone->high, 1));
            }, range(10, 90, 10)),
            $gain->restsOn,
            $gain->says(),
        );
    }
}
