<?php

declare(strict_types=1);

namespace Ektype\App\Query\Job;

use Ektype\App\Query\Snapshot;
use Ektype\App\Shop\Job\Job;
use Ektype\App\Shop\TensionReading\TensionReading;

/** What has changed in the shop since a job was printed that is printed again. */
final class SinceLast
{
    /** Tension that a frame loses without anyone minding, N/cm (heuristic). */
    private const SLACK = 1.5;

    /**
     * @param list<PlateStanding> $plates
     *
     * @return list<string> none where the job prints nothing again
     */
    public static function says(Job $job, array $plates, Snapshot $shop): array
    {
        if ($job->againOf === null) {
            return [];
        }
        $kept = array_values(array_filter($plates, static fn (PlateStanding $p): bool => $p->plate->frame !== null && $p->burnedSeconds !== null && !$p->oldPicture));
        $open = array_values(array_filter($plates, static fn (PlateStanding $p): bool => $p->burnedSeconds === null));
        $says = [];
        if ($kept !== []) {
            $says[] = \sprintf(
                \count($kept) === 1 ? 'One screen still carries its picture: frame %s.' : '%2$d screens still carry their pictures: frames %1$s.',
                implode(', ', array_map(static fn (PlateStanding $p): string => $p->plate->frame->label ?? '', $kept)),
                \count($kept),
            );
        }
        if ($open !== []) {
            $says[] = \sprintf('To be made again: %s.', implode(', ', array_map(static fn (PlateStanding $p): string => $p->plate->name, $open)));
        }
        $last = $shop->shelves->jobs->find($job->againOf);
        if ($last === null) {
            return [...$says, 'The first order was deleted; what the shop learned from it is kept.'];
        }
        $on = $last->finishedOn ?? $last->createdAt->format('Y-m-d');

        if ($job->quantity === 0 && $last->quantity > 0) {
            $says = [\sprintf('The order before was %d pieces; say under Art how many this one is.', $last->quantity), ...$says];
        }

        return [...$says, ...self::shop($job, $on, $shop), ...self::tensions($kept, $on, $shop)];
    }

    /** @return list<string> */
    private static function shop(Job $job, string $on, Snapshot $shop): array
    {
        $says = [];
        $tests = $shop->shelves->light->stepTests->since($job->lamp, $job->emulsion, $on);
        if ($tests > 0) {
            $says[] = \sprintf('%s since then: screens that are made again take the time that it gives.', $tests === 1 ? 'One step test' : $tests.' step tests');
        }
        if (($job->emulsion->mixedOn ?? '') > $on) {
            $says[] = \sprintf('A fresh pot of %s since then.', $job->emulsion->name ?? '');
        }

        return $says;
    }

    /**
     * @param list<PlateStanding> $kept
     *
     * @return list<string>
     */
    private static function tensions(array $kept, string $on, Snapshot $shop): array
    {
        $says = [];
        foreach ($kept as $one) {
            $frame = $one->plate->frame;
            $before = $frame === null ? [] : array_filter($shop->shelves->screens->tensions->of($frame), static fn (TensionReading $r): bool => $r->doneOn <= $on);
            if ($frame === null || $before === []) {
                continue;
            }
            $lost = end($before)->mean() - $frame->tensionNPerCm;
            if ($lost >= self::SLACK) {
                $says[] = \sprintf('Frame %s has lost %.1f N/cm since: its picture may have grown by it.', $frame->label, $lost);
            }
        }

        return $says;
    }
}
