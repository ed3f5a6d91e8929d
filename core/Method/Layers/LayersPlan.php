<?php

declare(strict_types=1);

namespace Ektype\Core\Method\Layers;

use Ektype\Core\Colour\Srgb;
use Ektype\Core\Separation\MethodName;
use Ektype\Core\Separation\SaysOfItself;
use Ektype\Core\Separation\Separates;
use Ektype\Core\Tone\PlannedDots;
use Ektype\Core\Tone\TonalPlan;
use Ektype\Core\Tone\ToneWork;
use Ektype\Core\Unit\Chosen;
use Ektype\Core\Unit\Settles;

/** The choices made for a picture in a chain of transparent tints. */
#[Separates(
    name: 'layers',
    place: 7,
    title: 'Transparent layers',
    dots: false,
    onLight: true,
    ordered: true,
    dries: true,
)]
#[SaysOfItself(
    why: '%d transparent layers with edges: each tints what lies below.',
    note: 'Greys first, then colours; each multiplies what lies below.',
    carries: 'Its tint multiplies what lies below.',
    beware: 'Each layer dries before the next. Colours that the tints do not make are missing.',
    order: 'It multiplies what lies below; its proof decides whether the next one is needed as it is.',
)]
final readonly class LayersPlan implements TonalPlan, Settles
{
    public const USUAL = 4;

    /**
     * @param int             $layers how many
     * @param list<Srgb>|null $tints  as each looks on the paper, in print order; null proposes them
     */
    public function __construct(
        public ToneWork $work = new ToneWork(),
        #[Chosen('layers', '', 1, LayerChain::MOST, option: 'plates')]
        public int $layers = self::USUAL,
        #[Chosen('tints', '', 0, LayerChain::MOST, 'proposed by the picture')]
        public ?array $tints = null,
        #[Chosen('their edges')]
        public LayerEdge $edge = LayerEdge::Clean,
    ) {
    }

    public function method(): MethodName
    {
        return MethodName::of(self::class);
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
