<?php

declare(strict_types=1);

namespace Ektype\App\Query\Shelves;

use Ektype\App\Shop\Ink\Ink;
use Ektype\Core\Ink\Hiding;
use Ektype\Core\Ink\InkKind;

/** An ink on the shelf, and how it hides in words. */
final readonly class InkOnShelf
{
    private function __construct(
        public int $id,
        public string $name,
        public string $hex,
        public InkKind $kind,
        public float $hidingPct,
        public string $hides,
        public bool $assumed,
        public string $recipe,
        public ?float $gramsLeft,
    ) {
    }

    public static function of(Ink $of): self
    {
        return new self($of->idOrFail(), $of->name, $of->hex, $of->kind, round(100 * $of->hiding, 2), Hiding::says($of->hiding), assumed: $of->assumed, recipe: $of->recipe, gramsLeft: $of->gramsLeft);
    }
}
