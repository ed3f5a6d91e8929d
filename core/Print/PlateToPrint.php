<?php

declare(strict_types=1);

namespace Ektype\Core\Print;

use Ektype\Core\Mesh\Mesh;
use Ektype\Core\Plate\Laying;
use Ektype\Core\Plate\PlateRole;

/** A plate of which the law decides how it is printed. Plates go by their number: two may have one name. */
final readonly class PlateToPrint
{
    /**
     * @param list<int>|null $touches   numbers of plates whose ink lies beside or over its own; null where nobody knows
     * @param ByHand         $before    what the hand chose last with this ink on this mesh
     * @param Laying|null    $solvedFor strokes that its dots were reckoned for; null for a plate without
     */
    public function __construct(
        public int $id,
        public string $name,
        public PlateRole $role,
        public InkToPrint $ink,
        public Drawn $drawn,
        public Mesh $mesh,
        public FrameAtHand $frame,
        public ?array $touches = null,
        public ?Laying $solvedFor = null,
        public ByHand $byHand = new ByHand(),
        public ByHand $before = new ByHand(),
    ) {
    }

    /** The same, flashed or not whatever the law says. */
    public function flashed(bool $flash): self
    {
        return new self($this->id, $this->name, $this->role, $this->ink, $this->drawn, $this->mesh, frame: $this->frame, touches: $this->touches, solvedFor: $this->solvedFor, byHand: $this->byHand->flashed($flash), before: $this->before);
    }
}
