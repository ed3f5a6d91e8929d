<?php

declare(strict_types=1);

namespace Ektype\Core\Print;

use Ektype\Core\Colour\Lab;
use Ektype\Core\Ink\Deposit;
use Ektype\Core\Mix\MixSteps;
use Ektype\Core\Plate\Laying;
use Ektype\Core\Plate\PlateRole;
use Ektype\Core\Plate\Strokes;
use Ektype\Core\Press\HeadPlace;
use Ektype\Core\Press\HeadPlan;
use Ektype\Core\Press\OffContact;
use Ektype\Core\Press\PlateToOrder;
use Ektype\Core\Press\PressStation;
use Ektype\Core\Press\PressWay;
use Ektype\Core\Press\PrintOrder;
use Ektype\Core\Press\PrintStep;
use Ektype\Core\Press\Rhythm;
use Ektype\Core\Press\Stretch;
use Ektype\Core\Registration\Drag;
use Ektype\Core\Registration\DragSeen;
use Ektype\Core\Registration\SetBack;
use Ektype\Core\Unit\Span;

/** Decides how a job is printed, from its plates, its cloth and its press, and lets the hand overrule each thing. */
final class PrintLaw
{
    /**
     * How often the ink of a plate is laid: by hand, else as its dots were reckoned for, else by the cloth.
     *
     * @param Laying|null $solvedFor of a plate with dots
     */
    public static function laying(PlateRole $role, Cloth $cloth, ?Laying $solvedFor, ?Laying $byHand): Laying
    {
        return $byHand ?? $solvedFor ?? Strokes::of($role, $cloth->colour, $cloth->substrate)->laying;
    }

    /** @throws \Ektype\Core\Unit\Refusal where there is no plate */
    public static function of(JobToPrint $job): PrintPlan
    {
        $drag = new Drag($job->drags, Drag::SETTING_MM);
        $told = array_map(static fn (PlateToPrint $p): Told => new Told(), $job->plates);
        $steps = self::decided($job, $told);
        [$heads, $says] = self::heads($job, $steps, $told);
        $plates = $stations = $warmth = [];
        foreach ($job->plates as $i => $plate) {
            $laying = self::laid($plate, $job->cloth, $told[$i]);
            $deposit = new Deposit($plate->mesh, $plate->ink->kind, $laying, 0.0);
            $flash = UnderFlash::of($plate, $deposit, $steps[$i]->flashAfter, $job, $told[$i]);
            $wet = $i > 0 && !$steps[$i - 1]->flashAfter;
            $stroke = StrokeOfPlate::of($plate->role, $plate->drawn, $plate->mesh, $plate->ink->kind, $wet, $job->size->widthMm, insideMm: $plate->frame->label === null ? null : $plate->frame->insideWidthMm, byHand: $plate->byHand, before: $plate->before);
            $standing = self::standing($job, $i, $drag, $told[$i]);
            $own = self::stations($plate->name, $laying, $flash);
            $plates[] = new PlatePrint(
                $plate->id,
                $plate->name,
                self::headOf($heads, $i),
                $steps[$i],
                $laying,
                $flash,
                stroke: $stroke,
                standing: $standing,
                deposit: $deposit,
                gramsEach: $deposit->grams($plate->drawn->areaCm2, 1),
                seconds: array_sum(array_map(static fn (PressStation $s): float => Rhythm::atScreen($s->strokes), $own)),
                why: [...$told[$i]->why(), ...$stroke->why],
            );
            $stations = [...$stations, ...$own];
            $warmth = [...$warmth, ...UnderFlash::way($plate, $deposit, $own, $job)];
        }

        return new PrintPlan($job, $plates, $heads, $says, Rhythm::of($stations, max(1, $job->press->platens), $job->press->way === PressWay::Automatic, max(1, $job->pieces), $job->method->driesBetween() ? \count($job->plates) : 0), $warmth);
    }

    /** @return list<PrintStep> why each plate prints where it does, and where a flash comes */
    public static function steps(JobToPrint $job): array
    {
        return self::decided($job, array_map(static fn (PlateToPrint $p): Told => new Told(), $job->plates));
    }

    /**
     * @param list<Told> $told
     *
     * @return list<PrintStep>
     */
    private static function decided(JobToPrint $job, array $told): array
    {
        $at = array_flip(array_map(static fn (PlateToPrint $p): int => $p->id, $job->plates));
        $touches = static fn (PlateToPrint $p): ?array => $p->touches === null ? null : array_values(array_intersect_key($at, array_flip($p->touches)));
        $steps = MixSteps::of($job->method, array_map(static fn (PlateToPrint $p): PlateRole => $p->role, $job->plates)) ?? PrintOrder::inGivenOrder(
            array_keys($job->plates),
            array_map(static fn (PlateToPrint $p): PlateToOrder => new PlateToOrder($p->role, $p->drawn->colour, $p->drawn->share, $p->mesh->threadsPerCm, $touches($p)), $job->plates),
            $job->cloth->colour,
        );

        return array_map(static function (PrintStep $step, PlateToPrint $plate, Told $told): PrintStep {
            $flash = $told->of('flash', $plate->byHand->flash, $step->flashAfter, $step->flashReason);

            return new PrintStep($step->plate, $step->reason, $flash, $flash === $step->flashAfter ? $step->flashReason : ($flash ? 'Flashed, as you set it.' : 'Not flashed, as you set it.'));
        }, $steps, $job->plates, $told);
    }

    private static function laid(PlateToPrint $plate, Cloth $cloth, Told $told): Laying
    {
        $law = Strokes::of($plate->role, $cloth->colour, $cloth->substrate);

        return $told->remembering('laying', $plate->byHand->laying, $plate->solvedFor === null ? $plate->before->laying : null, $plate->solvedFor ?? $law->laying, match (true) {
            $plate->solvedFor === null => $law->says,
            $plate->solvedFor === $law->laying => $law->says.' Its dots were reckoned so.',
            default => \sprintf('Its dots were reckoned for %s.', $plate->solvedFor->value),
        });
    }

    /** @return list<PressStation> one for each layer */
    private static function stations(string $name, Laying $laying, ?FlashOfPlate $flash): array
    {
        $stations = [];
        for ($layer = 1; $layer <= $laying->layers(); ++$layer) {
            $last = $layer === $laying->layers();
            $flashed = $flash !== null && ($last ? $flash->after : $flash->between);
            $stations[] = new PressStation(
                $layer === 1 ? $name : $name.', second layer',
                intdiv($laying->strokes(), $laying->layers()),
                $flashed ? $flash->dwellS : 0.0,
                $flashed ? $flash->coolS : 0.0,
            );
        }

        return $stations;
    }

    /**
     * @param list<PrintStep> $steps
     * @param list<Told>      $told
     *
     * @return array{list<HeadPlace>, list<string>}
     */
    private static function heads(JobToPrint $job, array $steps, array $told): array
    {
        $plan = HeadPlan::of(
            $job->press->way,
            $job->press->heads,
            $job->press->flashes,
            array_map(static fn (PrintStep $s, int $i): PrintStep => new PrintStep($i, $s->reason, $s->flashAfter, $s->flashReason), $steps, array_keys($steps)),
            array_map(static fn (PlateToPrint $p): string => $p->name, $job->plates),
            array_map(static fn (PlateToPrint $p): ?Lab => $p->role === PlateRole::Base ? null : $p->drawn->colour, $job->plates),
            watched: array_map(static fn (PlateToPrint $p): bool => $p->ink->kind->traits()->wantsWatching(), $job->plates),
        );
        $says = $plan->says;
        $heads = $taken = [];
        foreach ($plan->places as $place) {
            $number = $place->plate === null ? $place->number : $told[$place->plate]->of('head', $job->plates[$place->plate]->byHand->head, $place->number, 'in print order, an ink that wants watching nearest to you');
            $heads[] = new HeadPlace($number, $place->plate, $place->flash, $place->says);
            if (isset($taken[$number])) {
                $says[] = \sprintf('Two things stand on head %d. Give one of them another.', $number);
            }
            if ($job->press->way->carriesAll() && $number > $job->press->heads && $number !== $place->number) {
                $says[] = \sprintf('There is no head %d: the press has %d.', $number, $job->press->heads);
            }
            $taken[$number] = true;
        }
        if ($job->press->way === PressWay::Automatic) {
            foreach ($job->plates as $plate) {
                if (self::laying($plate->role, $job->cloth, $plate->solvedFor, $plate->byHand->laying)->layers() > 1) {
                    $says[] = \sprintf('%s is printed, flashed and printed again: on an automatic the piece goes round once more for it, or a second screen of it takes a head.', $plate->name);
                }
            }
        }

        return [$heads, $says];
    }

    /** @param list<HeadPlace> $heads */
    private static function headOf(array $heads, int $plate): ?int
    {
        foreach ($heads as $place) {
            if ($place->plate === $plate) {
                return $place->number;
            }
        }

        return null;
    }

    private static function standing(JobToPrint $job, int $i, Drag $drag, Told $told): Standing
    {
        $plate = $job->plates[$i];
        $off = $told->of('offContactMm', $plate->byHand->offContactMm, self::offContact($plate, $job->cloth), $plate->frame->label === null
            ? \sprintf('by tension, taken as %.0f N/cm until a frame is chosen, on %s', $plate->frame->tensionNPerCm, $job->cloth->substrate->value)
            : \sprintf('by the %.1f N/cm of frame %s, on %s', $plate->frame->tensionNPerCm, $plate->frame->label, $job->cloth->substrate->value), 'mm');
        $lands = self::lands($job, $i);
        $key = self::lands($job, $job->key());
        [$near, $far] = [$lands->from - $key->from, $lands->to - $key->to];
        $printed = self::printed($job, $i);
        $own = $drag->of($printed->ink, $printed->offContactMm, $printed->tensionNPerCm, $printed->pushed);
        $back = SetBack::of($job->registerWay, $own, $drag->against($printed, self::printed($job, $job->key())), $job->pull, \count($job->drags), $i === $job->key());
        $mm = $told->of('setBackMm', $plate->byHand->setBackMm, $back->mm, $i === $job->key() && $job->registerWay->atRest() ? 'the key: the others are set back against it' : $back->says, 'mm', $job->drags === [] ? Told::TRADE : \sprintf('%d strike-offs of this shop', \count($job->drags)));

        return new Standing(
            $plate->frame,
            $off,
            $lands->from,
            $lands->to,
            abs($near) > abs($far) ? $near : $far,
            $own[0],
            setBack: $plate->byHand->setBackMm === null ? $back : SetBack::byHand($mm, $job->pull),
        );
    }

    private static function offContact(PlateToPrint $plate, Cloth $cloth): float
    {
        return OffContact::mm($plate->frame->tensionNPerCm, $cloth->substrate, $plate->frame->insideHeightMm, $cloth->seamMm);
    }

    /** As the hand set it, else by the law. */
    private static function off(PlateToPrint $plate, Cloth $cloth): float
    {
        return $plate->byHand->offContactMm ?? self::offContact($plate, $cloth);
    }

    /** How a plate is printed, as far as drag asks. */
    private static function printed(JobToPrint $job, int $i): DragSeen
    {
        $plate = $job->plates[$i];

        return new DragSeen($plate->ink->name, self::off($plate, $job->cloth), $plate->frame->tensionNPerCm, 0.0, !$job->pull);
    }

    /** Where the near and the far edge of the print land by the stretch of the mesh, mm. */
    private static function lands(JobToPrint $job, int $i): Span
    {
        $plate = $job->plates[$i];
        $free = $plate->frame->insideHeightMm;
        $centre = $job->press->centreFromEndMm ?? $free / 2;
        $within = static fn (float $at): float => max(1.0, min($free - 1.0, $at));
        $off = self::off($plate, $job->cloth);

        return new Span(
            Stretch::landsOff($free, $off, $within($centre - $job->size->heightMm / 2)),
            Stretch::landsOff($free, $off, $within($centre + $job->size->heightMm / 2)),
        );
    }
}
