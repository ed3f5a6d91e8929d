<?php

declare(strict_types=1);

namespace Ektype\Core\Choice;

use Ektype\Core\Press\FilmPlacement;
use Ektype\Core\Screen\FrameState;
use Ektype\Core\Screen\Tension;

/**
 * What a frame costs a plate, in the coin of the mesh ranking (doublings of the count): its mesh, its fit, the work before
 * it can be coated, its age and uses. The one function by which frames are ranked, one by one and as a set.
 */
final readonly class FrameCost
{
    /** A mesh that does not hold the plate (heuristic). */
    public const DOES_NOT_HOLD = 6.0;
    /** A print over the usual part of the mesh (heuristic). */
    public const OVER_USUAL_FIT = 2.0;
    /** A frame that the job holds already is kept unless another is clearly better (heuristic). */
    public const ITS_OWN = -0.3;
    public const A_HUNDRED_USES = 0.3;
    public const A_YEAR = 0.1;

    /** @param list<string> $obstacles why it cannot be taken; empty where it can */
    private function __construct(public RankedMesh $mesh, public FilmPlacement $placement, public float $cost, public array $obstacles)
    {
    }

    /**
     * @param string          $job    frames that it holds already are its own
     * @param RankedMesh|null $judged what the plate says of that mesh, where it was asked already
     */
    public static function of(MeshQuestion $asks, RackFrame $frame, PrintOnFrames $print, string $job = '', ?RankedMesh $judged = null): self
    {
        $mesh = $judged ?? MeshSuggestion::judge($frame->mesh, $asks);
        $placement = $print->on($frame->insideWidthMm, $frame->insideHeightMm);
        $own = $job !== '' && $frame->takenBy === $job;
        $cost = $mesh->cost
            + ($mesh->holds ? 0.0 : self::DOES_NOT_HOLD)
            + ($placement->fits ? 0.0 : self::OVER_USUAL_FIT)
            + self::work($frame->state)
            + ($own ? self::ITS_OWN : 0.0)
            + self::A_HUNDRED_USES * $frame->uses / 100
            + self::A_YEAR * $frame->ageDays / 365;

        return new self($mesh, $placement, $cost, array_values(array_filter([
            $frame->takenBy === '' || $own ? '' : \sprintf('carries %s', $frame->takenBy),
            $frame->state->canBeTaken() ? '' : $frame->state->value,
            $frame->tensionNPerCm < Tension::RE_MESH_UNDER ? \sprintf('under %.0f N/cm', Tension::RE_MESH_UNDER) : '',
            $placement->used > FilmPlacement::USABLE_AT_MOST ? 'too small for the print' : '',
        ], static fn (string $s): bool => $s !== '')));
    }

    /** Work before a frame can be burned (heuristic). */
    private static function work(FrameState $state): float
    {
        return match ($state) {
            FrameState::Coated => -0.2,
            FrameState::Bare => 0.0,
            FrameState::Burned, FrameState::ToReclaim => 0.5,
            default => 1.0,
        };
    }
}
