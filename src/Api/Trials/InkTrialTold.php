<?php

declare(strict_types=1);

namespace Ektype\App\Api\Trials;

use Ektype\App\Request\Hex;
use Ektype\App\Request\Within;
use Ektype\App\Request\Words;
use Ektype\Core\Ink\InkTried;
use Symfony\Component\Validator\Constraints as Assert;

/** An ink that was tried. */
final readonly class InkTrialTold
{
    public function __construct(
        #[Words(80)]
        public string $name,
        #[Hex]
        public string $overBlack,
        #[Hex]
        public string $overWhite,
        #[Within(1, 5)]
        public int $matDown,
        #[Within(0, 1_000_000, 'cents')]
        public int $centsPerKg,
        #[Words(16, mayBeEmpty: true), Assert\Regex('/^([0-9a-f]{16})?$/', message: 'is no picture of this shop.')]
        public string $picture = '',
    ) {
    }

    public function trial(string $day): InkTried
    {
        return new InkTried(trim($this->name), $this->overBlack, $this->overWhite, $this->matDown, $this->centsPerKg, day: $day, picture: $this->picture);
    }
}
