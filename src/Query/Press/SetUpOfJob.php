<?php

declare(strict_types=1);

namespace Ektype\App\Query\Press;

use Ektype\App\Query\Reckoning\ScreenBook;
use Ektype\App\Query\Snapshot;
use Ektype\App\Shop\Correction\Correction;
use Ektype\App\Shop\Frame\Frame;
use Ektype\App\Shop\Plate\Plate;
use Ektype\Core\Colour\Lab;
use Ektype\Core\Colour\Srgb;
use Ektype\Core\Ink\InkKind;
use Ektype\Core\Plate\PlateRole;
use Ektype\Core\Press\BaseStrokes;
use Ektype\Core\Press\HeadPlace;
use Ektype\Core\Press\HeadPlan;
use Ektype\Core\Press\InkSuits;
use Ektype\Core\Press\OffContact;
use Ektype\Core\Press\PrintStep;
use Ektype\Core\Press\Squeegee;
use Ektype\Core\Press\Stretch;
use Ektype\Core\Registration\Drag;
use Ektype\Core\Registration\DragSeen;
use Ektype\Core\Registration\RegisterWay;
use Ektype\Core\Registration\SetBack;
use Ektype\Core\Screen\Tension;

/** How a job is set up on its press: heads, squeegees, off-contact, stretch, set-back. */
final class SetUpOfJob
{
    /** Where no frame is chosen yet, inside, mm. */
    private const USUAL_FRAME_MM = [430.0, 520.0];

    /** @var list<DragSeen> */
    private readonly array $log;
    private readonly Drag $drag;
    private readonly Lab $garment;

    public function __construct(private readonly ScreenBook $book, Snapshot $shop)
    {
        $press = $book->job->press;
        $seen = $press === null ? [] : $shop->shelves->corrections->firstReadOn($press);
        $this->log = array_values(array_filter(array_map(static fn (Correction $c): ?DragSeen => $c->drag(), $seen)));
        $this->drag = new Drag($this->log, Drag::SETTING_MM);
        $this->garment = Lab::of(Srgb::fromHex($book->job->garmentHex));
    }

    public function above(): ?PressAbove
    {
        $job = $this->book->job;
        $press = $job->press;
        if ($press === null || $this->book->plates === []) {
            return null;
        }
        $plates = $this->book->plates;
        $names = array_map(static fn (Plate $p): string => $p->name, $plates);
        $kinds = array_map(static fn (Plate $p): InkKind => $p->ink->kind ?? InkKind::Plastisol, $plates);
        $plan = HeadPlan::of(
            $press->kind->way(),
            $press->heads,
            $press->flashes,
            $this->book->steps(),
            $names,
            array_map(static fn (Plate $p): ?Lab => $p->role === PlateRole::Base ? null : $p->lab(), $plates),
            array_map(InkSuits::wantsWatching(...), $kinds),
        );

        return new PressAbove(
            $press->kind->way(),
            $press->heads,
            $press->platens,
            array_map(static fn (HeadPlace $h): HeadShown => new HeadShown($h->number, $h->plate === null ? null : $plates[$h->plate]->idOrFail(), $h->flash, $h->says), $plan->places),
            $plan->says,
            $job->onPress->pull,
            $job->onPress->seamMm,
            $job->onPress->way($job->substrate),
            $job->onPress->way($job->substrate)->steps($names[0], \array_slice($names, 1)),
            InkSuits::says(array_combine($names, $kinds), array_combine($names, array_column($plates, 'role')), $job->substrate),
            RegisterWay::keySays(
                $names,
                array_map(static fn (Plate $p): bool => $p->role === PlateRole::Base, $plates),
                array_map(static fn (Plate $p): float => $p->areaCm2, $plates),
            ),
        );
    }

    public function screen(int $i): ScreenOnPress
    {
        $plate = $this->book->plates[$i];
        $job = $this->book->job;
        [$width, $height] = self::inside($plate->frame);
        $steps = $this->book->steps();
        $wet = $i > 0 && !($steps[$i - 1] ?? new PrintStep(0, '', true, ''))->flashAfter;
        $squeegee = Squeegee::of($plate->role, $plate->finestLineMm, $plate->printsTones(), $wet, $job->widthMm, $plate->frame?->insideWidthMm);
        $strokes = BaseStrokes::of($plate->role, $this->garment, $job->substrate);
        [$near, $far] = $this->lands($plate);
        [$keyNear, $keyFar] = $this->lands($this->book->plates[0]);
        $printed = $this->printed($plate);
        $own = $this->drag->of($printed->ink, $printed->offContactMm, $printed->tensionNPerCm, $printed->pushed);
        $back = SetBack::of($job->onPress->way($job->substrate), $own, $this->drag->against($printed, $this->printed($this->book->plates[0])), $job->onPress->pull, \count($this->log));

        return new ScreenOnPress(
            $plate->frame?->label,
            $width,
            $height,
            new SqueegeeShown($squeegee->hardness, $squeegee->widthMm, $squeegee->angleDeg, $strokes->strokes, $strokes->layers, $squeegee->says, $strokes->says, $squeegee->fits),
            $this->off($plate),
            $near,
            $far,
            abs($near - $keyNear) > abs($far - $keyFar) ? $near - $keyNear : $far - $keyFar,
            new SetBackShown($back->mm, $back->reachMm, $own[0], $i === 0 && $job->onPress->way($job->substrate)->atRest() ? 'the key: the others are set back against it' : $back->says),
        );
    }

    /** @return array{float, float} inside width and height, mm */
    private static function inside(?Frame $frame): array
    {
        return $frame === null ? self::USUAL_FRAME_MM : [$frame->insideWidthMm, $frame->insideHeightMm];
    }

    private function off(Plate $plate): float
    {
        return OffContact::mm($plate->frame->tensionNPerCm ?? Tension::USUAL, $this->book->job->substrate, self::inside($plate->frame)[1], $this->book->job->onPress->seamMm);
    }

    /** How a plate is printed, as far as drag asks. */
    private function printed(Plate $plate): DragSeen
    {
        return new DragSeen($plate->ink->name ?? $plate->name, $this->off($plate), $plate->frame->tensionNPerCm ?? Tension::USUAL, 0.0, !$this->book->job->onPress->pull);
    }

    /** @return array{float, float} where the near and the far edge of the print land by the stretch of the mesh, mm */
    private function lands(Plate $plate): array
    {
        $job = $this->book->job;
        [, $free] = self::inside($plate->frame);
        $centre = $job->press->centreFromEndMm ?? $free / 2;
        $within = static fn (float $at): float => max(1.0, min($free - 1.0, $at));

        return [
            Stretch::landsOff($free, $this->off($plate), $within($centre - $job->heightMm() / 2)),
            Stretch::landsOff($free, $this->off($plate), $within($centre + $job->heightMm() / 2)),
        ];
    }
}
