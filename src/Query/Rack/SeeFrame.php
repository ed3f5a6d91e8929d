<?php

declare(strict_types=1);

namespace Ektype\App\Query\Rack;

use Ektype\App\Device\TensionGauge;
use Ektype\App\Device\ThicknessGauge;
use Ektype\App\Query\Moment;
use Ektype\App\Query\Shelves\FrameOnShelf;
use Ektype\App\Query\Snapshot;
use Ektype\App\Shop\Frame\Frame;
use Ektype\App\Shop\FrameLine\FrameLines;
use Ektype\App\Shop\TensionReading\TensionReading;
use Ektype\App\Shop\TensionReading\TensionReadings;
use Ektype\Core\Screen\TensionFigure;
use Ektype\Core\Screen\TensionTrend;
use Ektype\Core\Screen\UnusableTension;

/** A frame of the rack, its record, and what the gauges read on it. */
final readonly class SeeFrame
{
    public function __construct(
        private Moment $moment,
        private TensionReadings $tensions,
        private FrameLines $lines,
        private TensionGauge $tension,
        private ThicknessGauge $thickness,
    ) {
    }

    public function of(int $frameId): FrameRecord
    {
        return $this->moment->see(function (Snapshot $shop) use ($frameId): FrameRecord {
            $frame = $shop->shelves->screens->frames->get($frameId);
            $readings = $this->tensions->of($frame);
            // What was read before this mesh was stretched belongs to another one.
            $ofThisMesh = array_values(
                array_filter(
                    $readings,
                    static fn (TensionReading $r): bool => $frame->stretchedOn === null || $r->doneOn >= $frame->stretchedOn,
                ),
            );
            $last = $ofThisMesh[\count($ofThisMesh) - 1] ?? null;
            $trend = self::trend($ofThisMesh, $shop->now);
            $below = $trend?->belowDay;
            $held = $shop->shelves->plates->on($frame);
            $on = $shop->on($frame);

            return new FrameRecord(
                FrameOnShelf::of($frame),
                $held === null ? '' : $held->name.' of '.$held->job->name,
                $held?->job->id,
                array_map(TensionOfDay::of(...), $readings),
                TensionFigure::of($frame->tensionNPerCm, \count($ofThisMesh), $last?->doneOn, $last?->spread(), $trend, $frame->assumed),
                $below === null ? null : (new \DateTimeImmutable('@'.(int) ($below * 86400)))->format('Y-m-d'),
                perMonth: $trend === null ? null : round(TensionFigure::aMonth($trend->perDay), 3),
                stencil: $on === null ? null : $shop->stencilBook()->now($on),
                record: array_map(RecordLine::of(...), $this->lines->of($frame)),
            );
        });
    }

    public function gauge(int $frameId): GaugeReading
    {
        return $this->moment->see(function (Snapshot $shop) use ($frameId): GaugeReading {
            $frame = $shop->shelves->screens->frames->get($frameId);
            $on = $shop->on($frame);
            $read = $this->tension->read($frame, $shop->now);

            return new GaugeReading(
                $this->tension->name(),
                $read['along'],
                $read['across'],
                $this->thickness->name(),
                $on === null ? null : $this->thickness->read($on),
            );
        });
    }

    /** @param list<TensionReading> $readings */
    private static function trend(array $readings, \DateTimeImmutable $today): ?TensionTrend
    {
        $day = static fn (string $date): float => (new \DateTimeImmutable($date))->getTimestamp() / 86400;
        try {
            return TensionTrend::of(
                array_map(static fn (TensionReading $r): array => [$day($r->doneOn), $r->mean()], $readings),
                $day($today->format('Y-m-d')),
            );
        } catch (UnusableTension) {
            // Too few readings for a trend: the last one stands.
            return null;
        }
    }
}
