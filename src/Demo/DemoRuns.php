<?php

declare(strict_types=1);

namespace Ektype\App\Demo;

use Ektype\App\Action\Change;
use Ektype\App\Action\Jobs\FinishJob;
use Ektype\App\Action\Jobs\NoteOnJob;
use Ektype\App\Action\Jobs\PrintAgain;
use Ektype\App\Action\Run\ApproveStrikeOff;
use Ektype\App\Action\Run\TellRun;
use Ektype\App\Action\ShopDoor;
use Ektype\App\Shop\Job\Jobs;
use Ektype\App\Shop\Plate\Plate;
use Ektype\Core\Run\MisprintCause;
use Ektype\Core\Run\RunEvent;
use Ektype\Core\Run\RunEventKind;
use Ektype\Core\Run\StopReason;
use Ektype\Core\StrikeOff\Approval;
use Ektype\Core\StrikeOff\Judged;
use Ektype\Core\StrikeOff\Judgement;
use Ektype\Core\Unit\Point;
use Psr\Clock\ClockInterface;

/** Runs of the demo, told by the same events that a tablet tells. */
final readonly class DemoRuns
{
    private const EVERY_S = 41;
    private const SIZES = ['S' => 8, 'M' => 20, 'L' => 16, 'XL' => 4];

    public function __construct(private ShopDoor $door, private Jobs $jobs, private ClockInterface $clock)
    {
    }

    public function tell(int $job, DemoRun $run): void
    {
        $this->door->do(new ApproveStrikeOff($job, new Approval('Ada', $this->clock->now()->format('Y-m-d'), array_map(static fn (Judged $what): Judgement => new Judgement($what, true), Judged::cases()))), ...match ($run) {
            DemoRun::Going => [new TellRun($job, $this->going($job))],
            DemoRun::Done => self::done($job, $this->done12DaysAgo($job)),
        });
    }

    /**
     * @param list<RunEvent> $events
     *
     * @return list<Change>
     */
    private static function done(int $job, array $events): array
    {
        return [
            new TellRun($job, $events),
            new NoteOnJob($job, 'Lint of the first box stuck to the white: roll the garments with tape before loading.'),
            new FinishJob($job, true),
            new PrintAgain($job),
        ];
    }

    /** @return list<RunEvent> half of it, begun some twenty minutes ago */
    private function going(int $job): array
    {
        $at = fn (int $agoS): int => (int) $this->clock->now()->format('Uv') - 1000 * $agoS;
        $events = [];
        foreach ($this->plates($job) as $i => $plate) {
            $events[] = new RunEvent("fill$i", $at(1180), RunEventKind::Filled, plate: $plate, grams: [90.0, 60.0][$i] ?? 60.0);
        }
        for ($piece = 0; $piece < 41; ++$piece) {
            $events[] = new RunEvent("good$piece", $at(1160 - 28 * $piece), RunEventKind::Good);
        }

        return [
            ...$events,
            new RunEvent('spoiled', $at(700), RunEventKind::Misprint, at: new Point(34.0, -22.0), cause: MisprintCause::Lint),
            new RunEvent('looked', $at(560), RunEventKind::Looked),
            new RunEvent('box', $at(300), RunEventKind::Boxed, pieces: 25, name: '1'),
        ];
    }

    /** @return list<RunEvent> all of it, to the ink that came back */
    private function done12DaysAgo(int $job): array
    {
        $began = $this->clock->now()->modify('-12 days')->setTime(10, 5);
        $at = static fn (int $s): int => (int) $began->format('Uv') + 1000 * $s;
        $plates = $this->plates($job);
        $events = [];
        foreach ($plates as $i => $plate) {
            $events[] = new RunEvent("fill$i", $at(-60), RunEventKind::Filled, plate: $plate, grams: [120.0, 60.0, 60.0][$i] ?? 60.0);
        }
        $s = 0;
        foreach (self::SIZES as $size => $pieces) {
            for ($i = 0; $i < $pieces; ++$i) {
                $s += self::EVERY_S;
                $events[] = new RunEvent("good$size$i", $at($s), RunEventKind::Good, size: $size);
            }
        }
        foreach ([9, 12, 30] as $i => $piece) {
            $events[] = new RunEvent("spoiled$i", $at(self::EVERY_S * $piece + 8), RunEventKind::Misprint, size: 'M', at: new Point(-40.0 + 12 * $i, 18.0), cause: $i < 2 ? MisprintCause::Lint : MisprintCause::PickUp);
        }
        $events[] = new RunEvent('stop', $at(self::EVERY_S * 12 + 10), RunEventKind::Stopped, reason: StopReason::Garments);
        $events[] = new RunEvent('on', $at(self::EVERY_S * 12 + 25), RunEventKind::Resumed);
        foreach ([1, 2] as $box) {
            $events[] = new RunEvent("box$box", $at($s + 60 * $box), RunEventKind::Boxed, pieces: 24, name: (string) $box);
        }
        $events[] = new RunEvent('end', $at($s + 200), RunEventKind::Ended);
        foreach ($plates as $i => $plate) {
            $events[] = new RunEvent("back$i", $at($s + 400), RunEventKind::Returned, plate: $plate, grams: [94.0, 49.5, 51.0][$i] ?? 50.0);
        }

        return $events;
    }

    /** @return list<int> in print order */
    private function plates(int $job): array
    {
        return array_map(static fn (Plate $p): int => $p->idOrFail(), $this->jobs->whole($job)->platesInOrder());
    }
}
