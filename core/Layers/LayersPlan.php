<?php

declare(strict_types=1);

namespace Ektype\Core\Layers;

use Ektype\Core\Colour\Srgb;
use Ektype\Core\Mix\LayerEdge;
use Ektype\Core\Separation\MethodName;
use Ektype\Core\Tone\PlannedDots;
use Ektype\Core\Tone\TonalPlan;
use Ektype\Core\Tone\ToneWork;
use Ektype\Core\Unit\Chosen;
use Ektype\Core\Unit\Settles;

/** The choices made for a picture in a chain of transparent tints. */
final readonly class LayersPlan implements TonalPlan, Settles
{
    public const USUAL = 4;

    /**
     * @param int             $layers how many
     * @param list<Srgb>|null $tints  as each looks on the paper, in print order; null proposes them
     */
    public function __construct(
        public ToneWork $work = new ToneWork(),
        #[Chosen('layers', '', 1, LayerChain::MOST)]
        public int $layers = self::USUAL,
        #[Chosen('tints', '', 0, LayerChain::MOST, 'proposed by the picture')]
        public ?array $tints = null,
        #[Chosen('edge')]
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

    /** Another number of layers asks for other tints; who names the tints names how many. */
    public function after(Settles $before): static
    {
        $tints = $this->tints === [] || $this->layers !== $before->layers ? null : $this->tints;

        return new static($this->work, $tints === null || $tints === $before->tints ? $this->layers : \count($tints), $tints, $this->edge);
    }
}
