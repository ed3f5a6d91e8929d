<?php

declare(strict_types=1);

namespace Ektype\App\Api\Rack;

use Doctrine\ORM\EntityManagerInterface;
use Ektype\App\Api\Jobs\StencilReckoner;
use Ektype\App\Shop\Change\ChangeShelf;
use Ektype\App\Shop\Emulsion\Emulsion;
use Ektype\App\Shop\Frame\Frame;
use Ektype\App\Shop\OwnMesh\OwnMesh;
use Ektype\App\Shop\Plate\Plate;
use Ektype\App\Shop\Stencil\Stencil;
use Ektype\App\Shop\TensionReading\TensionReading;
use Ektype\Core\Mesh\Mesh;
use Ektype\Core\Mesh\TensionTrend;
use Ektype\Core\Stencil\Coating;
use Ektype\Core\Unit\Given;
use Ektype\Core\Unit\Refusal;

/** What hands do to a frame away from the press: coat it, reclaim it, stretch it anew, put it somewhere. */
final readonly class FrameWork
{
    public function __construct(private EntityManagerInterface $entities, private FrameDiary $diary, private ChangeShelf $changes)
    {
    }

    /** @throws Refusal where it is coated already or the recipe is none; nothing is stored then */
    public function coat(Frame $frame, Given $given, \DateTimeImmutable $now): Stencil
    {
        $on = $this->diary->stencilOn($frame);
        if ($on !== null) {
            throw Refusal::because(\sprintf('Frame %s has a stencil on it, coated %s. Reclaim it first: two coats of different days part from each other.', $frame->label, $on->coatedAt->format('Y-m-d')));
        }
        if ($frame->state === 'to stretch') {
            throw Refusal::because(\sprintf('The mesh of frame %s is torn or slack. Stretch it first.', $frame->label));
        }
        $emulsion = $given->has('emulsionId')
            ? $this->entities->find(Emulsion::class, $given->whole('emulsionId', 1, \PHP_INT_MAX)) ?? throw Refusal::at('emulsionId', 'That emulsion is not on the shelf any more. Choose another.')
            : ($this->holder($frame)->job->emulsion ?? $this->entities->getRepository(Emulsion::class)->findOneBy([], ['id' => 'ASC']) ?? throw Refusal::at('emulsionId', 'The shop has no emulsion yet. Add one to the shelf of lamps and emulsions.'));
        $at = $this->moment($given, 'coatedAt', $now);
        if ($emulsion->mixedOn !== null && $at->format('Y-m-d') < $emulsion->mixedOn) {
            throw Refusal::at('coatedAt', \sprintf('%s was mixed on %s: nothing was coated with it on %s. Check both dates.', $emulsion->name, $emulsion->mixedOn, $at->format('Y-m-d')));
        }
        $stencils = StencilReckoner::of($this->entities, $now);
        $mesh = $frame->mesh();
        $like = $stencils->recipe($mesh, $emulsion);
        $coating = $emulsion->filmUm !== null ? $like : new Coating(
            $mesh,
            $given->oneOf('edge', Coating::EDGES, $like->edge),
            $given->has('printCoats') ? $given->whole('printCoats', 0, 9) : $like->printCoats,
            $given->has('squeegeeCoats') ? $given->whole('squeegeeCoats', 0, 9) : $like->squeegeeCoats,
            $emulsion->solidsPct,
            $emulsion->name,
            $given->flag('driedBetween'),
        );
        $hours = $stencils->dryHours($coating);
        $this->diary->remember($frame, \sprintf('Coated with %s, %s', $emulsion->name, $coating->words()));
        $stencil = self::stencil($frame, $emulsion, $coating, $at, $at->modify(\sprintf('+%d minutes', (int) ceil(60 * $hours))), true);
        $this->entities->persist($stencil);
        $frame->state = 'coated';
        $this->entities->flush();

        return $stencil;
    }

    public static function stencil(Frame $frame, ?Emulsion $emulsion, Coating $coating, \DateTimeImmutable $at, \DateTimeImmutable $ready, bool $told): Stencil
    {
        return new Stencil($frame, $emulsion, $at, $ready, $coating->edge, $coating->printCoats, $coating->squeegeeCoats, $coating->driedBetween, $told, $frame->threadsPerCm, $frame->threadUm, $frame->dyed, $frame->sheetOpeningUm, $frame->sheetThicknessUm);
    }

    /**
     * Strips the stencil: came off clean, left a stain, would not come off (locked), or the mesh tore. A screen that is
     * made again gives up its burn with it.
     *
     * @throws Refusal while a plate still holds the frame, or where nothing is on it
     */
    public function reclaim(Frame $frame, Given $given, \DateTimeImmutable $now): void
    {
        $came = $given->oneOf('came', ['clean', 'stained', 'locked', 'torn']);
        $holder = $this->holder($frame);
        $on = $this->diary->stencilOn($frame);
        $again = $given->flag('again');
        if ($holder !== null && $on?->burnedSeconds !== null && !$again) {
            throw Refusal::because(\sprintf('Frame %s still holds %s of %s. Give it back at Screens first: its stencil would be lost.', $frame->label, $holder->name, $holder->job->name));
        }
        if ($on === null && $frame->state === 'bare') {
            throw Refusal::because(\sprintf('Frame %s is bare: there is nothing to reclaim.', $frame->label));
        }
        $this->diary->remember($frame, match ($came) {
            'clean' => 'Reclaimed, bare again',
            'stained' => 'Reclaimed, a stain is left',
            'locked' => 'Would not come off: the stencil is locked in',
            default => 'The mesh tore',
        });
        if ($again && $holder !== null && $came !== 'locked') {
            // What was seen on it stays with the stencil; the plate begins anew.
            $this->changes->remember($holder->job, 'Screen of '.$holder->name.' made again');
            $holder->burnedSeconds = $holder->gaugedEomUm = $holder->sinkCheck = null;
            $holder->beforeLight = [];
        }
        $frame->locked = $came === 'locked';
        if ($came === 'locked') {
            $frame->state = 'to reclaim';
        } else {
            $frame->state = $came === 'torn' ? 'to stretch' : 'bare';
            $frame->stained = $came === 'stained' || ($frame->stained && $came !== 'torn' && $came !== 'clean');
            ++$frame->uses;
            if ($came === 'torn' && $holder !== null) {
                $holder->frame = null;
            }
            if ($on !== null) {
                $on->goneOn = $now->format('Y-m-d');
            }
        }
        $this->entities->flush();
    }

    /**
     * New mesh: the trend of the old one ends here.
     *
     * @throws Refusal where mesh or tension cannot be; nothing is stored then
     */
    public function stretch(Frame $frame, Given $given, \DateTimeImmutable $now): void
    {
        $holder = $this->holder($frame);
        if ($holder !== null) {
            throw Refusal::because(\sprintf('Frame %s still holds %s of %s. Give it back at Screens before its mesh is cut out.', $frame->label, $holder->name, $holder->job->name));
        }
        $mesh = $this->sheet(new Mesh($given->numberOr('threadsPerCm', $frame->threadsPerCm) ?? $frame->threadsPerCm, $given->numberOr('threadUm', $frame->threadUm, unit: 'µm') ?? $frame->threadUm, $given->flag('dyed', $frame->dyed)));
        $tension = $given->number('tensionNPerCm', TensionTrend::LEAST, TensionTrend::MOST, 'N/cm');
        $on = $this->moment($given, 'stretchedOn', $now)->format('Y-m-d');
        $this->diary->remember($frame, \sprintf('Stretched with %s at %.1f N/cm', $mesh->name(), $tension));
        $this->lay($frame, $mesh);
        $frame->stretchedOn = $on;
        $frame->uses = 0;
        $frame->stained = $frame->locked = false;
        $frame->tensionNPerCm = $tension;
        $frame->state = 'bare';
        $stencil = $this->diary->stencilOn($frame);
        if ($stencil !== null) {
            $stencil->goneOn = $on;
        }
        $this->entities->persist(new TensionReading($frame, $on, array_fill(0, 5, $tension), array_fill(0, 5, $tension)));
        $this->entities->flush();
    }

    /** @throws Refusal where a value cannot be; nothing is stored then */
    public function change(Frame $frame, Given $given, \DateTimeImmutable $now): void
    {
        $todo = [];
        $what = [];
        if ($given->has('state')) {
            $state = $given->oneOf('state', Frame::STATES);
            $todo[] = function () use ($frame, $state, $now): void {
                $frame->state = $state;
                $on = $this->diary->stencilOn($frame);
                if ($on !== null && \in_array($state, ['bare', 'to stretch'], true)) {
                    $on->goneOn = $now->format('Y-m-d');
                }
            };
            $holder = $this->holder($frame);
            if ($holder?->burnedSeconds !== null && \in_array($state, ['bare', 'coated', 'to stretch'], true)) {
                throw Refusal::at('state', \sprintf('Frame %s holds the burned %s of %s. Give it back at Screens first.', $frame->label, $holder->name, $holder->job->name));
            }
            $what[] = 'Now '.$state;
        }
        if ($given->has('rackPlace')) {
            $place = $given->textOr('rackPlace', '', 20);
            $todo[] = static function () use ($frame, $place): void { $frame->rackPlace = $place; };
            $what[] = $place === '' ? 'Has no place' : 'Stands at '.$place;
        }
        foreach (['outsideWidthMm' => $frame->insideWidthMm, 'outsideHeightMm' => $frame->insideHeightMm] as $field => $inside) {
            $outside = self::outside($given, $field, $inside);
            if ($outside !== null) {
                $todo[] = static function () use ($frame, $field, $outside): void { $frame->{$field} = $outside; };
                $what[] = 'Measured outside';
            }
        }
        if ($given->has('meshAngleDeg')) {
            $angle = $given->number('meshAngleDeg', -45, 45, 'degrees');
            $todo[] = static function () use ($frame, $angle): void { $frame->meshAngleDeg = $angle; };
            $what[] = \sprintf('Mesh at %g° in the frame', $angle);
        }
        if ($todo === []) {
            throw Refusal::because('The change names no field of the frame, so nothing was changed.');
        }
        $this->diary->remember($frame, implode(', ', array_unique($what)));
        foreach ($todo as $do) {
            $do();
        }
        $this->entities->flush();
    }

    /** The outside of a frame, mm; null where it is not given. */
    public static function outside(Given $given, string $field, float $insideMm): ?float
    {
        $outside = $given->numberOr($field, null, 50, 4000, 'mm');
        if ($outside !== null && $outside <= $insideMm) {
            throw Refusal::at($field, \sprintf('The frame is %.0f mm inside, so %.0f mm outside leaves no wood or metal. Swap the two, or measure again.', $insideMm, $outside));
        }

        return $outside;
    }

    /** The mesh as the shop's data sheet has it, where there is one. */
    public function sheet(Mesh $mesh): Mesh
    {
        $own = $this->entities->getRepository(OwnMesh::class)->findOneBy(['threadsPerCm' => $mesh->threadsPerCm, 'threadUm' => $mesh->threadUm, 'dyed' => $mesh->dyed])
            ?? $this->entities->getRepository(OwnMesh::class)->findOneBy(['threadsPerCm' => $mesh->threadsPerCm, 'threadUm' => $mesh->threadUm]);

        return $own === null ? $mesh : new Mesh($mesh->threadsPerCm, $mesh->threadUm, $mesh->dyed, $own->openingUm, $own->thicknessUm);
    }

    private function lay(Frame $frame, Mesh $mesh): void
    {
        $frame->threadsPerCm = $mesh->threadsPerCm;
        $frame->threadUm = $mesh->threadUm;
        $frame->dyed = $mesh->dyed;
        $frame->sheetOpeningUm = $mesh->fromSheet ? $mesh->openingUm : null;
        $frame->sheetThicknessUm = $mesh->fromSheet ? $mesh->thicknessUm : null;
    }

    private function holder(Frame $frame): ?Plate
    {
        return $this->entities->getRepository(Plate::class)->findOneBy(['frame' => $frame]);
    }

    private function moment(Given $given, string $field, \DateTimeImmutable $now): \DateTimeImmutable
    {
        if (!$given->has($field)) {
            return $now;
        }
        $text = $given->text($field, 25);
        foreach (['!Y-m-d\TH:i', '!Y-m-d'] as $format) {
            $at = \DateTimeImmutable::createFromFormat($format, $text);
            if ($at !== false && str_starts_with($at->format('Y-m-d\TH:i'), $text)) {
                if ($at > $now) {
                    throw Refusal::at($field, \sprintf('%s is still to come. Check the date.', $text));
                }

                return $at;
            }
        }
        throw Refusal::at($field, \sprintf('“%s” is no date. Write it as year-month-day, such as 2026-11-04.', $text));
    }
}
