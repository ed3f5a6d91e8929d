<?php

declare(strict_types=1);

namespace Ektype\App\Query\Run;

use Ektype\App\Query\Moment;
use Ektype\App\Query\Reckoning\ScreenBook;
use Ektype\App\Query\Snapshot;
use Ektype\App\Shop\Job\Job;
use Ektype\Core\Days\WorkWeek;
use Ektype\Core\Order\GarmentLine;
use Ektype\Core\Order\LineChange;
use Ektype\Core\Order\SizeCount;
use Ektype\Core\Plate\Substrate;
use Ektype\Core\Print\PrintPlan;
use Ektype\Core\Run\BeforeFirst;
use Ektype\Core\Run\EditionPlan;
use Ektype\Core\Run\LoadingGuide;
use Ektype\Core\Run\LookEvery;
use Ektype\Core\Run\Misprints;
use Ektype\Core\Run\RunCount;
use Ektype\Core\Run\RunEvent;
use Ektype\Core\Run\RunLine;
use Ektype\Core\Run\RunOrder;
use Ektype\Core\Run\Settling;
use Ektype\Core\Run\TableOnRun;
use Ektype\Core\StrikeOff\BackTo;

/** The bench of the run. */
final readonly class SeeRunBoard
{
    /** So many of the last things told are shown, to be taken back. */
    private const LATEST = 8;
    /** A layer that dries on the rack is printed over the day after, s (heuristic: from the evening to the morning). */
    private const RACK_S = 14 * 3600.0;

    public function __construct(private Moment $moment)
    {
    }

    /** @param list<string> $asked names of events that a page wants to know to be kept */
    public function of(int $jobId, array $asked = []): RunBoard
    {
        return $this->moment->see(static function (Snapshot $shop) use ($jobId, $asked): RunBoard {
            $job = $shop->shelves->jobs->whole($jobId);
            $book = new ScreenBook($job, $shop);
            $order = self::order($job, $book);
            $told = $shop->shelves->printing->runs->of($job);
            $nowMs = (int) $shop->now->format('Uv');
            $known = array_fill_keys(array_map(static fn (RunEvent $e): string => $e->id, $told), true);
            usort($told, static fn (RunEvent $a, RunEvent $b): int => [$b->atMs, $b->id] <=> [$a->atMs, $a->id]);

            return new RunBoard(
                RunCount::of($order, $told, $nowMs),
                $order->secondsAPiece,
                $order->lookEvery,
                self::lookAt($job),
                $book->print() === null ? 1 : Settling::prints($book->print()),
                LoadingGuide::of($job->substrate, $job->widthMm, $job->heightMm(), $job->acrossMm, $job->dropMm),
                approval: $job->approval(),
                latest: \array_slice($told, 0, self::LATEST),
                before: self::before($job, $shop),
                known: array_values(array_filter($asked, static fn (string $id): bool => isset($known[$id]))),
                first: $book->print() === null ? [] : BeforeFirst::says($book->print()),
                nowMs: $nowMs,
                returns: self::returns($job, $order, $shop),
                edition: $job->substrate === Substrate::Paper ? self::edition($job, $order, $shop, RunCount::of($order, $told, $nowMs)) : null,
            );
        });
    }

    private static function returns(Job $job, RunOrder $order, Snapshot $shop): Returns
    {
        $rates = $shop->shelves->printing->prices->ours()->rates();
        $left = null;
        if ($job->dueOn !== null) {
            $room = $shop->room();
            $week = new WorkWeek($room->opensMin, $room->closesMin, (int) $shop->now->format('N'));
            $midnight = $shop->now->setTime(0, 0);
            $now = ($shop->now->getTimestamp() - $midnight->getTimestamp()) / 60;
            $due = 1440.0 * (int) $midnight->diff(new \DateTimeImmutable($job->dueOn))->format('%r%a') + $room->closesMin;
            $left = $week->between($now, $due) - $order->secondsAPiece * array_sum(array_map(static fn (RunLine $l): int => $l->pieces(), $order->lines)) / 60;
        }

        return new Returns(BackTo::all(\count($order->plates), $rates->setUpMinutes, $rates->strikeOffMinutes, $rates->screenMinutes), $left);
    }

    private static function edition(Job $job, RunOrder $order, Snapshot $shop, RunCount $count): EditionSeen
    {
        $edition = $job->edition();
        $told = array_sum(array_map(static fn (RunLine $l): int => $l->pieces(), $order->lines));
        $wanted = $told > 0 ? $told : $job->quantity;
        if ($wanted < 1 || $order->plates === []) {
            return new EditionSeen($edition, null);
        }
        $spoiled = $shop->shelves->printing->prices->ours()->rates()->spoiled;

        return new EditionSeen($edition, EditionPlan::of($edition, $wanted, $order->plates, $order->lines[0]->grams ?? [], $spoiled / \count($order->plates), $count->good, $count->goes->endedMs !== null));
    }

    /** @return list<string> of the run that it prints again */
    private static function before(Job $job, Snapshot $shop): array
    {
        $was = $job->againOf === null ? null : $shop->shelves->jobs->find($job->againOf);
        if ($was === null) {
            return [];
        }
        $count = RunCount::of(self::order($was, new ScreenBook($was, $shop)), $shop->shelves->printing->runs->of($was), (int) $shop->now->format('Uv'));

        return [
            ...array_map(static fn (Misprints $m): string => \sprintf('Last time %d %s: %s. %s', $m->pieces, $m->pieces === 1 ? 'was' : 'were', $m->cause->value, $m->cause->look()), $count->misprinted),
            ...$was->approval()->says ?? [],
            ...$was->notes === '' ? [] : ['Noted then: '.$was->notes],
        ];
    }

    public static function order(Job $job, ScreenBook $book): RunOrder
    {
        $plates = [];
        foreach ($book->plates as $plate) {
            $plates[$plate->idOrFail()] = $plate->name;
        }
        $changes = $book->plates === [] ? [] : $book->changes();
        $lines = array_map(static fn (GarmentLine $line, ?LineChange $change): RunLine => self::line($line, $change, array_keys($plates)), $job->garments(), $changes);
        $minutes = array_sum(array_map(static fn (LineChange $c): float => $c->minutes, $changes));
        $pieces = array_sum(array_map(static fn (LineChange $c): int => $c->pieces, $changes));

        return new RunOrder($lines, $plates, $pieces === 0 ? 0.0 : 60 * $minutes / $pieces, LookEvery::pieces($job->care), self::table($book->print()));
    }

    /** Where the press prints colour after colour: how long each dries under the next. */
    private static function table(?PrintPlan $plan): ?TableOnRun
    {
        if ($plan === null || $plan->job->press->way->carriesAll()) {
            return null;
        }
        $dries = [];
        foreach ($plan->plates as $plate) {
            $dries[$plate->id] = match (true) {
                $plan->job->method->driesBetween() => self::RACK_S,
                $plate->flash?->after === true => $plate->flash->dwellS + $plate->flash->coolS,
                default => 0.0,
            };
        }

        return new TableOnRun(max(1, $plan->job->press->platens), $dries);
    }

    /** @param list<int> $plates */
    private static function line(GarmentLine $line, ?LineChange $change, array $plates): RunLine
    {
        $sizes = $grams = [];
        foreach (array_filter($line->sizes, static fn (SizeCount $s): bool => $s->pieces > 0) as $size) {
            $sizes[$size->size] = ($sizes[$size->size] ?? 0) + $size->pieces;
        }
        if ($change !== null && $change->pieces > 0) {
            foreach ($plates as $plate) {
                $grams[$plate] = $change->grams($plate) / $change->pieces;
            }
        }

        return new RunLine($line->garment.', '.$line->cloth(), $sizes === [] ? ['' => 0] : $sizes, $grams);
    }

    private static function lookAt(Job $job): string
    {
        $spot = $job->findings()->witnesses[0] ?? null;

        return $spot === null ? 'at the marks' : \sprintf('%.0f mm from the left and %.0f mm from the top of the print, where most plates meet', $spot->xMm, $spot->yMm);
    }
}
