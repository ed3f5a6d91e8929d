<?php

declare(strict_types=1);

namespace Ektype\Core\Choice;

/**
 * One answer to what the art needs and what the rack has: the frame to take, what the print pays for it, and only then
 * what to stretch.
 */
final readonly class MeshAdvice
{
    /** A mesh that is so many doublings better is worth a word, where the print pays (heuristic). */
    private const WORTH = 0.5;

    /**
     * @param RankedMesh  $take   the mesh of the frame; without one the best that could be stretched
     * @param string|null $frame  its label; null where the rack has none for the plate
     * @param bool        $chosen whether the plate has that frame already
     * @param RankedMesh  $ideal  the best mesh that could be stretched
     * @param bool        $better whether the rack has another that suits better
     */
    public function __construct(
        public RankedMesh $take,
        public ?string $frame,
        public bool $chosen,
        public RankedMesh $ideal,
        public bool $better = false,
    ) {
    }

    /** Whether a frame was chosen that does not hold the plate, while the rack has a better one. */
    public function isWrong(): bool
    {
        return $this->chosen && !$this->take->holds && $this->better;
    }

    /** What the print pays, and what to stretch where that is too much; empty where it pays nothing. */
    public function price(): string
    {
        $buy = $this->frame !== null && $this->ideal->cost < $this->take->cost - self::WORTH && $this->take->inPrint !== []
            ? \sprintf(
                ' If that is too much, stretch one with %s (%.0f per inch)%s.',
                $this->ideal->mesh->name,
                $this->ideal->mesh->threadsPerInch(),
                $this->ideal->inPrint === [] ? ', which costs the print nothing' : '',
            )
            : '';

        return $this->take->price().$buy;
    }

    public function source(): string
    {
        return match (true) {
            $this->frame === null => 'trade default; the rack has none free',
            $this->chosen => \sprintf('frame %s of this shop', $this->frame),
            default => \sprintf('frame %s, the best this rack has for it', $this->frame),
        };
    }
}
