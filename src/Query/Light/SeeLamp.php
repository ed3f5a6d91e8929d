<?php

declare(strict_types=1);

namespace Ektype\App\Query\Light;

use Ektype\App\Device\ExposureLamp;
use Ektype\App\Query\Moment;
use Ektype\App\Query\Reckoning\SurpriseOfTest;
use Ektype\App\Query\Shelves\LampOnShelf;
use Ektype\App\Query\Snapshot;
use Ektype\App\Shop\Lamp\Lamp;
use Ektype\App\Shop\Lamp\Lamps;
use Ektype\App\Shop\Stencil\Stencil;
use Ektype\App\Shop\StepTest\StepTest;
use Ektype\Core\Exposure\TimerSetting;
use Ektype\Core\Lamp\Contact;
use Ektype\Core\Lamp\DriftPoint;
use Ektype\Core\Lamp\LampDistance;
use Ektype\Core\Lamp\Penumbra;
use Ektype\Core\Lamp\UnusableLamp;
use Psr\Clock\ClockInterface;

/** A lamp by itself. */
final readonly class SeeLamp
{
    private const LATEST = 20;
    /** More than one lamp ever gets. */
    private const MOST_TESTS = 5000;

    public function __construct(private Moment $moment, private Lamps $lamps, private ExposureLamp $device, private ClockInterface $clock)
    {
    }

    public function of(int $id): LampBench
    {
        return $this->moment->see(fn (Snapshot $shop): LampBench => $this->bench($this->lamps->get($id), $shop));
    }

    /** Starts its own timer; the shop keeps a burn only when it is told of it. */
    public function light(int $id, float $seconds): LampLit
    {
        $run = $this->device->light($this->lamps->get($id), $seconds, $this->clock->now());

        return new LampLit($run->device, $run->seconds, $run->burnsS, $run->units);
    }

    /**
     * How far a point lamp should stand from a print of this size.
     *
     * @return list<DistanceSeen> the nearest that is even, and others about it; the one that it has now among them
     *
     * @throws UnusableLamp where its light is not a point’s
     */
    public function distances(int $id, float $widthMm, float $heightMm, float $seconds): array
    {
        $lamp = $this->lamps->get($id);
        if (!$lamp->kind->isPointLike()) {
            throw UnusableLamp::at('lamp', \sprintf('The light of %s does not thin with the distance: it stands where its maker put it.', $lamp->name));
        }
        $now = $lamp->distanceMm ?? LampRecord::USUAL_DISTANCE_MM;
        $source = $lamp->sourceMm ?? LampRecord::USUAL_SOURCE_MM;
        $chosen = LampDistance::choose($widthMm, $heightMm, $now, $seconds, $lamp->contact->gapMm(), $source);
        $all = [$now, $chosen->distanceMm];
        foreach ([0.5, 0.75, 1.25, 1.5] as $share) {
            $all[] = 10 * round($chosen->distanceMm * $share / 10);
        }
        sort($all);

        return array_map(static function (float $mm) use ($chosen, $now, $widthMm, $heightMm, $seconds, $lamp, $source): DistanceSeen {
            $at = LampDistance::at($mm, $widthMm, $heightMm, $now, $seconds, $lamp->contact->gapMm(), sourceMm: $source);

            return new DistanceSeen($mm, 100 * $at->corner, 100 * $at->side, 100 * $at->end, TimerSetting::seconds($at->seconds), $at->penumbra->mm, chosen: $mm === $chosen->distanceMm, now: $mm === $now, says: $at->says());
        }, array_values(array_unique($all)));
    }

    private function bench(Lamp $lamp, Snapshot $shop): LampBench
    {
        $drift = LampRecord::of($lamp, $shop);
        $light = $shop->lightBook();
        $ids = $light->testIds();
        $days = [];
        foreach ($shop->shelves->light->stepTests->latestUnder($lamp, null, self::MOST_TESTS) as $test) {
            $days[$test->idOrFail()] = $test;
        }
        $between = $drift->between($lamp->hours);
        $points = array_values(array_filter($drift->points, static fn (DriftPoint $p): bool => isset($ids[$p->test])));
        $penumbra = new Penumbra($lamp->contact->gapMm(), $lamp->sourceMm ?? LampRecord::USUAL_SOURCE_MM, $lamp->distanceMm ?? LampRecord::USUAL_DISTANCE_MM);

        return new LampBench(
            LampOnShelf::of($lamp),
            array_map(static fn (DriftPoint $p): DriftSeen => self::point($days[$ids[$p->test]], $p), array_values(array_filter($points, static fn (DriftPoint $p): bool => isset($days[$ids[$p->test]])))),
            100 * (exp($drift->perThousandH) - 1),
            $drift->factorAt($lamp->hours),
            $between->from,
            $between->to,
            due: $drift->due,
            surprises: array_values(array_filter($light->surprises($light->model([])), static fn (SurpriseOfTest $of): bool => isset($days[$of->id]))),
            burns: array_map(self::burn(...), $shop->shelves->screens->stencils->burnedUnder($lamp, self::LATEST)),
            penumbraMm: $penumbra->mm,
            penumbraSays: $lamp->contact === Contact::WithoutFilm ? '' : $penumbra->says(),
        );
    }

    /** At the hours that the lamp had: a time under an integrator does not count them, the chart does. */
    private static function point(StepTest $test, DriftPoint $at): DriftSeen
    {
        return new DriftSeen($test->idOrFail(), $test->doneOn, $test->lampHours, $at->factor, $at->disagrees);
    }

    private static function burn(Stencil $s): BurnSeen
    {
        $plate = $s->plate();

        return new BurnSeen(
            $s->burnedAt()?->format('Y-m-d H:i') ?? '',
            $s->frame->label,
            $plate->name ?? '',
            $plate->job->name ?? '',
            $s->burnedSeconds() ?? 0.0,
            $s->units(),
            lampHours: $s->lampHours() ?? 0.0,
            seen: $s->seen()?->words() ?? '',
        );
    }
}
