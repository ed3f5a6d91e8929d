<?php

declare(strict_types=1);

namespace Ektype\App\Query\Press;

use Ektype\App\Query\Moment;
use Ektype\App\Query\Reckoning\RegisterBook;
use Ektype\App\Query\Reckoning\ScreenBook;
use Ektype\App\Query\Snapshot;
use Ektype\App\Shop\Correction\Correction;
use Ektype\App\Shop\Plate\Plate;
use Ektype\App\Shop\Press\Press;
use Ektype\Core\Plate\Substrate;
use Ektype\Core\Press\SetUp;
use Ektype\Core\Registration\Knob;
use Ektype\Core\Registration\KnobPair;
use Ektype\Core\Registration\KnobTurn;
use Ektype\Core\Registration\PressLog;

/** The bench of the press. */
final readonly class SeePress
{
    public function __construct(private Moment $moment)
    {
    }

    public function of(int $jobId): PressBench
    {
        return $this->moment->see(static function (Snapshot $shop) use ($jobId): PressBench {
            $job = $shop->shelves->jobs->whole($jobId);
            $register = new RegisterBook($job);

            return new PressBench(
                $job->toleranceSet,
                $register->marks(),
                RhythmOfJob::of(new ScreenBook($job, $shop)),
                array_map(
                    static fn (SetUp $one): SetUpLine => new SetUpLine($one, $one->says(), \in_array($one, $job->setUp(), true)),
                    array_values(array_filter(SetUp::cases(), static fn (SetUp $one): bool => $job->substrate !== Substrate::Paper || $one->onPaper())),
                ),
                $job->press === null ? [] : self::learned($job->press, $shop),
                array_map(static fn (Plate $p): PlateOnPress => new PlateOnPress($p->idOrFail(), $register->of($p), self::mind($p, $shop), self::turned($p, $shop)), $job->platesInOrder()),
            );
        });
    }

    public function ofPlate(int $plateId): PressBench
    {
        return $this->of($this->moment->see(static fn (Snapshot $shop): int => $shop->shelves->plates->get($plateId)->job->idOrFail()));
    }

    private static function mind(Plate $plate, Snapshot $shop): string
    {
        $on = $shop->stencilOf($plate);

        return match (true) {
            $on?->carriesOldPicture() === true => $shop->stencilBook()->now($on)->mind,
            $plate->wasReadOfAnother() => 'These readings are of the picture before the last change. Print a strike-off with the new screen and read it again.',
            default => '',
        };
    }

    private static function turned(Plate $plate, Snapshot $shop): ?TurnsBefore
    {
        $last = $shop->shelves->corrections->latestOf($plate);

        return $last === null ? null : new TurnsBefore(
            array_map(static fn (string $knob, float $turns): KnobTurn => new KnobTurn($knob, $turns), array_keys($last->turns), array_values($last->turns)),
            $last->worstBeforeMm,
            $last->worstAfterMm,
        );
    }

    /** @return list<KnobShown> of the knobs that were turned and read again */
    private static function learned(Press $press, Snapshot $shop): array
    {
        $log = $shop->shelves->corrections->shownBy($press);
        $learned = [];
        foreach ($press->knobs() as $knob) {
            $pairs = array_values(array_filter(array_map(static fn (Correction $c): ?KnobPair => self::pair($knob, $c), $log)));
            if ($pairs === []) {
                continue;
            }
            $shown = PressLog::learn($knob, $pairs);
            $learned[] = new KnobShown($shown->name, $shown->mmPerTurn, $shown->reachMm, $shown->playMm, $shown->pairs, $shown->says());
        }

        return $learned;
    }

    /** How far the frame moved at the knob, along the way it pushes: v(c) = t + θ J c, after less before. */
    private static function pair(Knob $knob, Correction $of): ?KnobPair
    {
        $turns = $of->turns[$knob->name] ?? 0.0;
        $after = $of->after();
        if ($after === null || $turns === 0.0) {
            return null;
        }
        $before = $of->before();
        $turn = $after->turnRad - $before->turnRad;
        $x = $after->xMm - $before->xMm - $turn * $knob->at->yMm;
        $y = $after->yMm - $before->yMm + $turn * $knob->at->xMm;

        return new KnobPair($turns, $knob->unit()->xMm * $x + $knob->unit()->yMm * $y);
    }
}
