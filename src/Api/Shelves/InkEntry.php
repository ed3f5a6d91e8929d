<?php

declare(strict_types=1);

namespace Ektype\App\Api\Shelves;

use Ektype\App\Action\Shelves\PutInk;
use Ektype\App\Request\Hex;
use Ektype\App\Request\Within;
use Ektype\App\Request\Words;
use Ektype\App\Shop\Ink\Ink;
use Ektype\Core\Colour\Srgb;
use Ektype\Core\Ink\Hiding;
use Ektype\Core\Ink\InkKind;

/** An ink. */
final readonly class InkEntry implements Entry
{
    public function __construct(
        #[Words(80)]
        public string $name,
        #[Hex]
        public string $hex,
        public InkKind $kind = InkKind::Plastisol,
        #[Within(1, 100, '%')]
        public float $hidingPct = 100 * Hiding::USUAL,
        #[Words(Ink::LONGEST_RECIPE, mayBeEmpty: true)]
        public ?string $recipe = null,
        #[Within(0, 50_000, 'g')]
        public ?float $gramsLeft = null,
    ) {
    }

    public function change(?int $id): PutInk
    {
        return new PutInk($id, trim($this->name), Srgb::fromHex($this->hex)->hex(), $this->kind, $this->hidingPct / 100, $this->recipe === null ? null : trim($this->recipe), $this->gramsLeft);
    }
}
