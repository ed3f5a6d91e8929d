<?php

declare(strict_types=1);

namespace Ektype\App\Shop\Press;

use Doctrine\ORM\Mapping as ORM;

/** A press with its heads, platens and knobs. */
#[ORM\Entity]
class Press
{
    /** Taken for a press that nobody measured, mm (heuristic). */
    public const USUAL_SIGMA_MM = 0.1;

    #[ORM\Id]
    #[ORM\GeneratedValue]
    #[ORM\Column]
    public ?int $id = null;

    /**
     * @param list<array{name: string, at_mm: array{float, float}, pushes: array{float, float}, mm_per_turn: float}> $knobs
     */
    public function __construct(
        #[ORM\Column(length: 60, unique: true)]
        public string $name,
        #[ORM\Column(length: 20)]
        public string $kind,
        #[ORM\Column]
        public int $heads,
        #[ORM\Column]
        public int $platens,
        #[ORM\Column]
        public array $knobs,
        /** Whether the collar lies at the operator's end, so that upright art is turned by 180° against the press axes. */
        #[ORM\Column]
        public bool $collarAtOperator,
        /** Centre of the print from the inner edge of the frame's clamped end, mm. */
        #[ORM\Column]
        public float $centreFromEndMm,
        /** How far its prints scatter about the set register, standard deviation, mm; null until measured. */
        #[ORM\Column(nullable: true)]
        public ?float $registerSigmaMm = null,
    ) {
    }
}
