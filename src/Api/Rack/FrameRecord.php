<?php

declare(strict_types=1);

namespace Ektype\App\Api\Rack;

use Doctrine\ORM\EntityManagerInterface;
use Ektype\App\Api\Jobs\FigureView;
use Ektype\App\Api\Jobs\StencilReckoner;
use Ektype\App\Api\Shelves\FrameView;
use Ektype\App\Shop\Frame\Frame;
use Ektype\App\Shop\FrameChange\FrameChange;
use Ektype\App\Shop\Plate\Plate;
use Ektype\App\Shop\TensionReading\TensionReading;
use Ektype\Core\Mesh\TensionTrend;
use Ektype\Core\Unit\Figure;
use Ektype\Core\Unit\Given;
use Ektype\Core\Unit\Refusal;
use Ektype\Core\Unit\Sign;

/** Keeps what was read of a frame and reckons where its tension goes. */
final readonly class FrameRecord
{
    /** Within a screen the tension differs by no more, N/cm (heuristic). */
    private const EVEN = 2.0;
    private const PLACES = 5;

    public function __construct(private EntityManagerInterface $entities, private FrameDiary $diary)
    {
    }

    public function view(Frame $frame, \DateTimeImmutable $today): FrameRecordView
    {
        $readings = $this->entities->getRepository(TensionReading::class)->findBy(['frame' => $frame], ['doneOn' => 'ASC', 'id' => 'ASC']);
        $day = static fn (string $date): float => (new \DateTimeImmutable($date))->getTimestamp() / 86400;
        $trend = null;
        // What was read before this mesh was stretched belongs to another one.
        $ofThisMesh = array_values(array_filter($readings, static fn (TensionReading $r): bool => $frame->stretchedOn === null || $r->doneOn >= $frame->stretchedOn));
        try {
            $trend = TensionTrend::of(array_map(static fn (TensionReading $r): array => [$day($r->doneOn), $r->mean()], $ofThisMesh), $day($today->format('Y-m-d')));
        } catch (Refusal) {
            // Too few readings for a trend: the last one stands.
        }
        $held = $this->entities->getRepository(Plate::class)->findOneBy(['frame' => $frame]);
        $below = $trend?->belowDay;
        $on = $this->diary->stencilOn($frame);
        $last = $this->diary->last($frame);

        return new FrameRecordView(
            FrameView::of($frame),
            $held === null ? '' : $held->name.' of '.$held->job->name,
            array_map(static fn (TensionReading $r): TensionReadingView => new TensionReadingView($r->doneOn, round($r->mean(), 2), round($r->spread(), 2), $r->along, $r->across), $readings),
            FigureView::of(self::figure($frame, $ofThisMesh, $trend)),
            $below === null ? null : (new \DateTimeImmutable('@'.(int) ($below * 86400)))->format('Y-m-d'),
            $trend === null ? null : round($trend->perDay * 30.44, 3),
            $on === null ? null : StencilReckoner::of($this->entities, $today)->view($on),
            array_map(static fn (FrameChange $c): FrameLineView => new FrameLineView($c->madeAt->format('Y-m-d\TH:i'), $c->what), $this->diary->lines($frame)),
            $last === null || $last->before === null ? '' : $last->what,
            $held?->job->id,
        );
    }

    /** @throws Refusal where a reading cannot be; nothing is stored then */
    public function read(Frame $frame, Given $given, \DateTimeImmutable $today): void
    {
        $on = $given->pastDay('doneOn', $today) ?? $today->format('Y-m-d');
        if ($frame->stretchedOn !== null && $on < $frame->stretchedOn) {
            throw Refusal::at('doneOn', \sprintf('This mesh was stretched on %s: a reading of %s belongs to the one before it. Check the date.', $frame->stretchedOn, $on));
        }
        $sides = [];
        foreach (['along', 'across'] as $side) {
            $values = $given->numbers($side, TensionTrend::LEAST, TensionTrend::MOST, 'N/cm');
            if (\count($values) !== self::PLACES) {
                throw Refusal::at($side, \sprintf('The tension is read at %d places, the corners and the middle; %d were given.', self::PLACES, \count($values)));
            }
            $sides[$side] = $values;
        }
        $this->diary->remember($frame, \sprintf('Tension read, of %s', $on));
        $reading = new TensionReading($frame, $on, $sides['along'], $sides['across']);
        $this->entities->persist($reading);
        $latest = $this->entities->getRepository(TensionReading::class)->findOneBy(['frame' => $frame], ['doneOn' => 'DESC']);
        if ($latest === null || $latest->doneOn <= $on) {
            $frame->tensionNPerCm = round($reading->mean(), 2);
        }
        $this->entities->flush();
    }

    /** @param list<TensionReading> $readings */
    private static function figure(Frame $frame, array $readings, ?TensionTrend $trend): Figure
    {
        $last = $readings[\count($readings) - 1] ?? null;
        $uneven = $last !== null && $last->spread() > self::EVEN;

        return new Figure(
            $frame->tensionNPerCm,
            'N/cm',
            $frame->tensionNPerCm < TensionTrend::LIMIT || $uneven ? Sign::OutOfBounds : Sign::Measured,
            $readings === [] ? 'as it was put on the shelf' : \sprintf('%d %s of this shop, the last of %s', \count($readings), \count($readings) === 1 ? 'reading' : 'readings', $last->doneOn ?? ''),
            'Mean of five places, along and across',
            array_values(array_filter([
                \sprintf('under %.0f N/cm re-mesh, 18 to 25 workable, 25 to 35 tight', TensionTrend::LIMIT),
                $last === null ? null : \sprintf('tightest and slackest place differ by %.1f N/cm, %.0f is even', $last->spread(), self::EVEN),
                $trend === null ? null : \sprintf('falls by %.2f N/cm a month (%.2f to %.2f)', -30.44 * $trend->perDay, -30.44 * $trend->perDayHigh, -30.44 * $trend->perDayLow),
            ], is_string(...))),
            '',
            $uneven ? 'Stretched unevenly: the print grows where it is slack.' : 'New mesh drops in its first uses; read it again after them.',
        );
    }
}
