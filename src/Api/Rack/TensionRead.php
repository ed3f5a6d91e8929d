<?php

declare(strict_types=1);

namespace Ektype\App\Api\Rack;

use Ektype\App\Action\Screens\ReadTension;
use Ektype\App\Request\Day;
use Ektype\App\Request\Within;
use Ektype\Core\Screen\Tension;
use Symfony\Component\Validator\Constraints as Assert;

/** The tension of a frame at its corners and in the middle, N/cm. */
final readonly class TensionRead
{
    private const PLACES = 5;
    private const NOT_FIVE = 'has {{ count }} places. The tension is read at five, the corners and the middle.';

    /**
     * @param list<float> $along
     * @param list<float> $across
     */
    public function __construct(
        #[Assert\Count(exactly: self::PLACES, exactMessage: self::NOT_FIVE), Assert\All(
            [new Within(Tension::LEAST, Tension::MOST, 'N/cm')],
        )]
        public array $along,
        #[Assert\Count(exactly: self::PLACES, exactMessage: self::NOT_FIVE), Assert\All(
            [new Within(Tension::LEAST, Tension::MOST, 'N/cm')],
        )]
        public array $across,
        #[Day(hasBeen: true)]
        public ?string $doneOn = null,
    ) {
    }

    public function change(int $frame): ReadTension
    {
        return new ReadTension($frame, array_map(floatval(...), $this->along), array_map(floatval(...), $this->across), $this->doneOn);
    }
}
