<?php

declare(strict_types=1);

namespace Ektype\App\Action\Screens;

use Ektype\App\Action\Change;
use Ektype\App\Action\Refused;
use Ektype\App\Action\ShopFloor;
use Ektype\App\Shop\Emulsion\Emulsion;
use Ektype\App\Shop\Frame\Frame;
use Ektype\App\Shop\Stencil\Stencil;
use Ektype\Core\Screen\Coating;
use Ektype\Core\Screen\Edge;
use Ektype\Core\Screen\ForbiddenMove;
use Ektype\Core\Screen\ScreenMove;

/** A frame was coated; what is not told is taken from the recipe. */
final readonly class CoatFrame implements Change
{
    public function __construct(
        private int $frameId,
        private ?int $emulsionId = null,
        private ?Edge $edge = null,
        private ?int $printCoats = null,
        private ?int $squeegeeCoats = null,
        private bool $driedBetween = false,
        private ?\DateTimeImmutable $coatedAt = null,
    ) {
    }

    public function carryOut(ShopFloor $shop): string
    {
        $frame = $shop->screens->frames->get($this->frameId);
        $on = $shop->screens->stencils->on($frame);
        if ($on !== null) {
            throw Refused::because(
                \sprintf(
                    'Frame %s has a stencil on it, coated %s. Reclaim it first: two coats of different days part from each other.',
                    $frame->label,
                    $on->coatedAt->format('Y-m-d'),
                ),
            );
        }
        try {
            $state = $frame->state->after(ScreenMove::Coat);
        } catch (ForbiddenMove $not) {
            throw Refused::because(\sprintf('Frame %s cannot be coated: %s', $frame->label, $not->getMessage()));
        }
        $emulsion = $this->emulsion($frame, $shop);
        $at = $this->coatedAt ?? $shop->now();
        if ($emulsion->mixedOn !== null && $at->format('Y-m-d') < $emulsion->mixedOn) {
            throw Refused::at(
                'coatedAt',
                \sprintf(
                    '%s was mixed on %s: nothing was coated with it on %s. Check both dates.',
                    $emulsion->name,
                    $emulsion->mixedOn,
                    $at->format('Y-m-d'),
                ),
            );
        }
        $coating = $this->coating($frame, $emulsion, $shop);
        $minutes = (int) ceil(60 * $shop->screens->recipes->dryHours($coating));
        $shop->screens->stencils->add(new Stencil($frame, $emulsion, $coating, $at, $at->modify(\sprintf('+%d minutes', $minutes)), true));
        $frame->state = $state;
        $said = \sprintf('Coated with %s, %s', $emulsion->name, $coating->words());
        $shop->note($frame, $said);

        return 'Frame '.$frame->label.' coated';
    }

    private function emulsion(Frame $frame, ShopFloor $shop): Emulsion
    {
        if ($this->emulsionId !== null) {
            return $shop->light->emulsions->find($this->emulsionId) ?? throw Refused::at(
                'emulsion',
                'That emulsion is not on the shelf any more. Choose another.',
            );
        }

        return $shop->plates->on($frame)?->job->emulsion ?? $shop->light->emulsions->first() ?? throw Refused::at(
            'emulsion',
            'The shop has no emulsion yet. Add one to the shelf of lamps and emulsions.',
        );
    }

    private function coating(Frame $frame, Emulsion $emulsion, ShopFloor $shop): Coating
    {
        $like = $shop->screens->recipes->for($frame->mesh(), $emulsion);

        return $emulsion->filmUm !== null ? $like : new Coating(
            $like->mesh,
            $this->edge ?? $like->edge,
            $this->printCoats ?? $like->printCoats,
            $this->squeegeeCoats ?? $like->squeegeeCoats,
            $emulsion->solidsPct,
            $emulsion->name,
            driedBetween: $this->driedBetween,
        );
    }
}
