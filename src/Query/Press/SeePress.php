<?php

declare(strict_types=1);

namespace Ektype\App\Query\Press;

use Ektype\App\Device\StrikeOffScanner;
use Ektype\App\Query\Moment;
use Ektype\App\Query\Reckoning\PlateRegister;
use Ektype\App\Query\Reckoning\RegisterBook;
use Ektype\App\Query\Reckoning\ScreenBook;
use Ektype\App\Query\Snapshot;
use Ektype\App\Shop\Correction\Correction;
use Ektype\App\Shop\Job\Job;
use Ektype\App\Shop\Plate\Plate;
use Ektype\App\Shop\Press\Press;
use Ektype\Core\Ink\InkKind;
use Ektype\Core\Plate\Substrate;
use Ektype\Core\Press\PressWay;
use Ektype\Core\Press\SetUp;
use Ektype\Core\Print\PlatePrint;
use Ektype\Core\Print\PrintPlan;
use Ektype\Core\Registration\KnobPair;
use Ektype\Core\Registration\KnobTurn;
use Ektype\Core\Registration\PressLog;
use Ektype\Core\Registration\Reading;
use Ektype\Core\StrikeOff\ColourSign;

/** The bench of the press. */
final readonly class SeePress
{
    /** A pitch that differs by more than this is worth taking into the profile, share (heuristic). */
    private const WORTH_SHARE = 0.02;

    public function __construct(private Moment $moment, private StrikeOffScanner $scanner)
    {
    }

    public function of(int $jobId): PressBench
    {
        return $this->moment->see(function (Snapshot $shop) use ($jobId): PressBench {
            $job = $shop->shelves->jobs->whole($jobId);
            $register = new RegisterBook($job);
            $book = new ScreenBook($job, $shop);
            $plan = $book->print();

            return new PressBench(
                $job->toleranceSet,
                $register->marks(),
                $plan === null || $job->press === null || $job->substrate === Substrate::Paper ? null : RunRhythm::of($plan),
                self::setUp($job, $book, $plan),
                $job->press === null ? [] : self::learned($job->press, $shop),
                $plan === null ? [] : array_map(static fn (PlatePrint $print, int $i): PlateOnPress => self::plate($print, $i, $register, $book, $shop), $plan->plates, array_keys($plan->plates)),
                above: $plan === null || $job->press === null ? null : PressAbove::of($plan, $job->press->kind->way()),
                scanner: $this->scanner->name(),
                keyPlateId: $job->key()?->id,
            );
        });
    }

    /** @return list<SetUpLine> */
    private static function setUp(Job $job, ScreenBook $book, ?PrintPlan $plan): array
    {
        $way = $job->press?->kind->way() ?? PressWay::Rotary;
        $inks = array_values(array_filter(array_map(static fn (Plate $p): ?InkKind => $p->ink?->kind, $book->plates)));
        $flashes = \count(array_filter($plan->plates ?? [], static fn (PlatePrint $p): bool => $p->flash !== null));

        return array_map(
            static fn (SetUp $one): SetUpLine => new SetUpLine($one, $one->says($way, $job->substrate, $inks), \in_array($one, $job->onPress->done(), true)),
            SetUp::asked($way, ($job->press?->knobs() ?? []) !== [], $job->substrate, $flashes, $inks),
        );
    }

    public function ofPlate(int $plateId): PressBench
    {
        return $this->of($this->moment->see(static fn (Snapshot $shop): int => $shop->shelves->plates->get($plateId)->job->idOrFail()));
    }

    private static function plate(PlatePrint $print, int $i, RegisterBook $register, ScreenBook $book, Snapshot $shop): PlateOnPress
    {
        $plate = $book->plates[$i];
        $read = $register->of($plate);

        return new PlateOnPress(
            $print->id,
            $read,
            self::mind($plate, $shop),
            self::turned($plate, $shop),
            $print,
            CausesOfPlate::of($book, $i, $print->standing, $shop),
            after: $read === null ? [] : self::after($read),
            targets: $register->targets($plate),
            platens: $plate->readPlatens(),
            signs: array_values(array_filter(ColourSign::cases(), static fn (ColourSign $s): bool => $plate->printsTones() || !$s->isOfDots())),
        );
    }

    /** @return list<MarkAfter> */
    private static function after(PlateRegister $read): array
    {
        $moves = $read->mending->moves;

        return array_map(static fn (Reading $r): MarkAfter => new MarkAfter(
            $r->mark,
            $r->xMm,
            $r->yMm,
            $r->offXMm,
            $r->offYMm,
            $r->offXMm + $moves->xMm - $moves->turnRad * $r->yMm,
            afterYMm: $r->offYMm + $moves->yMm + $moves->turnRad * $r->xMm,
        ), $read->marks);
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
        $last = $shop->shelves->light->corrections->latestOf($plate);

        return $last === null ? null : new TurnsBefore(
            array_map(static fn (string $knob, float $turns): KnobTurn => new KnobTurn($knob, $turns), array_keys($last->turns), array_values($last->turns)),
            $last->worstBeforeMm,
            $last->worstAfterMm,
        );
    }

    /** @return list<KnobShown> of the knobs that were turned and read again */
    private static function learned(Press $press, Snapshot $shop): array
    {
        $log = $shop->shelves->light->corrections->shownBy($press);
        $learned = [];
        foreach ($press->knobs() as $knob) {
            $pairs = array_values(array_filter(array_map(static fn (Correction $c): ?KnobPair => $c->pair($knob), $log)));
            if ($pairs === []) {
                continue;
            }
            $shown = PressLog::learn($knob, $pairs);
            $learned[] = new KnobShown($shown->name, $shown->mmPerTurn, $shown->reachMm, $shown->playMm, $shown->pairs, $shown->says(), differs: abs($shown->mmPerTurn - $knob->mmPerTurn) > self::WORTH_SHARE * $knob->mmPerTurn || $shown->turnsTheOtherWay);
        }

        return $learned;
    }
}
