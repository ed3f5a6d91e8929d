<?php

declare(strict_types=1);

namespace Ektype\Core\Mix;

use Ektype\Core\Colour\Srgb;
use Ektype\Core\Separation\MethodName;
use Ektype\Core\Tone\PlannedDots;
use Ektype\Core\Tone\TonalPlan;
use Ektype\Core\Tone\ToneWork;

/** The choices made for a picture in a chain of transparent tints. */
final readonly class LayersPlan implements TonalPlan
{
    public const USUAL = 4;

    /**
     * @param int             $layers how many
     * @param list<Srgb>|null $tints  as each looks on the paper, in print order; null proposes them
     */
    public function __construct(
        public ToneWork $work = new ToneWork(),
        public int $layers = self::USUAL,
        public ?array $tints = null,
        public LayerEdge $edge = LayerEdge::Clean,
    ) {
    }

    public function method(): MethodName
    {
        return MethodName::Layers;
    }

    public function work(): ToneWork
    {
        return $this->work;
    }

    /** It has none: its layers are thresholds. */
    public function dots(): PlannedDots
    {
        return new PlannedDots();
    }

    public function worked(ToneWork $work, PlannedDots $dots): self
    {
        return new self($work, $this->layers, $this->tints, $this->edge);
    }
}
