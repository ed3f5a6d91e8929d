<?php

declare(strict_types=1);

namespace Ektype\Core\Cure;

use Ektype\Core\Plate\Substrate;

/** What a cloth or its trims bear, °C at the surface, and what happens above (trade defaults). */
final readonly class HeatLimit
{
    private function __construct(public float $celsius, public string $says)
    {
    }

    public static function of(Substrate $cloth, bool $trims = false): self
    {
        if ($trims) {
            return new self(140.0, 'Plastic trims, foils and zips soften: lower and longer, and let it cool flat.');
        }

        return match ($cloth) {
            Substrate::Polyester, Substrate::TriBlend => new self(155.0, 'Its dye wanders into the ink: a low-cure ink, as cool as cures it, and no hot stacks.'),
            Substrate::Nylon => new self(140.0, 'Nylon shrinks and glazes: an ink for nylon with its bonding agent, cool and long.'),
            Substrate::Paper => new self(120.0, 'Paper browns and curls: an ink that dries in air is the better one.'),
            Substrate::Rigid => new self(90.0, 'The sheet bends: an ink that dries in air or hardens by itself is the better one.'),
            default => new self(182.0, 'The cloth scorches: whites first, along the edges.'),
        };
    }

    public function below(float $celsius, string $says): self
    {
        return new self($celsius, $says.' '.$this->says);
    }
}
