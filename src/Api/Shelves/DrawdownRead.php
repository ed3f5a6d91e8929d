<?php

declare(strict_types=1);

namespace Ektype\App\Api\Shelves;

use Ektype\App\Request\Hex;
use Ektype\Core\Colour\Srgb;
use Ektype\Core\Ink\Drawdown;

/** An ink drawn down over a black and white card, and what was read there. */
final readonly class DrawdownRead
{
    /** @param string $black the bare card */
    public function __construct(
        #[Hex]
        public string $overBlack,
        #[Hex]
        public string $overWhite,
        #[Hex]
        public string $black = '#161616',
        #[Hex]
        public string $white = '#f4f4f1',
    ) {
    }

    public function told(): Drawdown
    {
        return Drawdown::of(Srgb::fromHex($this->overBlack), Srgb::fromHex($this->overWhite), Srgb::fromHex($this->black), Srgb::fromHex($this->white));
    }
}
