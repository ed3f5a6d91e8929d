<?php

declare(strict_types=1);

namespace Ektype\App\Api\Art;

use Ektype\App\Request\Hex;
use Ektype\App\Request\Within;
use Ektype\Core\Colour\Srgb;
use Symfony\Component\Validator\Constraints as Assert;

/** Inks that are tried before they are taken. */
final readonly class InkTrial
{
    /**
     * @param list<int>   $inks        of the shelf
     * @param string|null $garmentHex  another garment to look at it on
     * @param bool        $muddyMarked whether what prints far off is hatched
     */
    public function __construct(
        #[Assert\All([new Within(1, 2_000_000_000)]), Assert\Count(min: 1, max: 12)]
        public array $inks,
        #[Hex]
        public ?string $garmentHex = null,
        public bool $muddyMarked = false,
    ) {
    }

    public function garment(): ?Srgb
    {
        return $this->garmentHex === null ? null : Srgb::fromHex($this->garmentHex);
    }
}
