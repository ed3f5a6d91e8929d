<?php

declare(strict_types=1);

namespace Ektype\App\Api\Morning;

use Ektype\App\Action\Morning\OpenShop;
use Ektype\App\Request\Bounded;
use Ektype\App\Request\Within;
use Ektype\App\Shop\Press\PressKind;
use Ektype\Core\Exposure\EmulsionKind;
use Ektype\Core\Exposure\LampKind;
use Ektype\Core\Mesh\UnwovenMesh;
use Ektype\Core\Morning\FilmSource;
use Ektype\Core\Morning\Prints;
use Ektype\Core\Registration\KnobLayout;
use Ektype\Core\Unit\Quantity;
use Symfony\Component\Validator\Constraints as Assert;

/** The answers of the first morning; the units are the reader’s own and stay with the page. */
final readonly class FirstAnswers
{
    /** @param list<FramesTold> $frames */
    public function __construct(
        public Prints $prints,
        public PressKind $press,
        #[Bounded(Quantity::Heads)]
        public int $heads,
        #[Bounded(Quantity::Platens)]
        public int $platens,
        public KnobLayout $knobs,
        public LampKind $lamp,
        public EmulsionKind $emulsion,
        #[Within(50, 3000, 'mm')]
        public float $insideWidthMm,
        #[Within(50, 3000, 'mm')]
        public float $insideHeightMm,
        public FilmSource $films,
        #[Assert\Valid, Assert\Count(max: 24)]
        public array $frames = [],
        public ?EmulsionKind $secondEmulsion = null,
    ) {
    }

    public function change(): OpenShop
    {
        $frames = [];
        foreach ($this->frames as $i => $told) {
            try {
                $frames[] = $told->wanted();
            } catch (UnwovenMesh $not) {
                throw $not->within(\sprintf('frames[%d]', $i));
            }
        }

        return new OpenShop(
            $this->prints,
            $this->press,
            $this->heads,
            $this->platens,
            $this->knobs,
            $this->lamp,
            emulsion: $this->emulsion,
            frames: $frames,
            insideWidthMm: $this->insideWidthMm,
            insideHeightMm: $this->insideHeightMm,
            films: $this->films,
            second: $this->secondEmulsion,
        );
    }
}
