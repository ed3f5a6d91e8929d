<?php

declare(strict_types=1);

namespace Ektype\App\Api\Sheets;

use Ektype\App\Request\Day;
use Ektype\App\Request\Within;
use Ektype\App\Request\Words;
use Ektype\Core\Screen\Tension;

/** The tension of a frame on one day, at its corners and in the middle, both ways. */
final readonly class TensionRow
{
    public function __construct(
        #[Words(20)]
        public string $frame,
        #[Words(10), Day(hasBeen: true)]
        public string $doneOn,
        #[Within(Tension::LEAST, Tension::MOST, 'N/cm')]
        public float $along1,
        #[Within(Tension::LEAST, Tension::MOST, 'N/cm')]
        public float $along2,
        #[Within(Tension::LEAST, Tension::MOST, 'N/cm')]
        public float $along3,
        #[Within(Tension::LEAST, Tension::MOST, 'N/cm')]
        public float $along4,
        #[Within(Tension::LEAST, Tension::MOST, 'N/cm')]
        public float $along5,
        #[Within(Tension::LEAST, Tension::MOST, 'N/cm')]
        public float $across1,
        #[Within(Tension::LEAST, Tension::MOST, 'N/cm')]
        public float $across2,
        #[Within(Tension::LEAST, Tension::MOST, 'N/cm')]
        public float $across3,
        #[Within(Tension::LEAST, Tension::MOST, 'N/cm')]
        public float $across4,
        #[Within(Tension::LEAST, Tension::MOST, 'N/cm')]
        public float $across5,
    ) {
    }

    /** @return list<float> N/cm */
    public function along(): array
    {
        return [$this->along1, $this->along2, $this->along3, $this->along4, $this->along5];
    }

    /** @return list<float> N/cm */
    public function across(): array
    {
        return [$this->across1, $this->across2, $this->across3, $this->across4, $this->across5];
    }
}
