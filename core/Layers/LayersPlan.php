<?php

declare(strict_types=1);

namespace Ektype\Core\Layers;

use Ektype\Core\Colour\Srgb;
use Ektype\Core\Mix\LayerEdge;
use Ektype\Core\Mix\MixedPlan;
use Ektype\Core\Mix\MixWished;
use Ektype\Core\Separation\MethodName;
use Ektype\Core\Tone\PlannedDots;
use Ektype\Core\Tone\ToneWork;

/** The choices made for a picture in a chain of transparent tints. */
final readonly class LayersPlan implements MixedPlan
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

    public function wishedBy(MixWished $wished): self
    {
        $tints = match (true) {
            // Another number of layers asks for other tints.
            $wished->layers !== null && $wished->layers !== $this->layers, $wished->tints === [] => null,
            default => $wished->tints ?? $this->tints,
        };

        return new self($this->work, $wished->layers ?? ($tints === null ? $this->layers : \count($tints)), $tints, $wished->edge ?? $this->edge);
    }
}
