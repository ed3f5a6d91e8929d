<?php

declare(strict_types=1);

namespace Ektype\Core\Press;

use Ektype\Core\Colour\Lab;
use Ektype\Core\Plate\PlateRole;
use Ektype\Core\Plate\Substrate;

/** How many strokes and layers a plate gets: a base by how dark and how rough the cloth is, tones one, others one. */
final readonly class BaseStrokes
{
    /** L* under which cloth is very dark, and under which it is dark (heuristic). */
    private const VERY_DARK = 20.0;
    private const DARK = 55.0;

    private function __construct(public int $strokes, public int $layers, public string $says)
    {
    }

    public static function of(PlateRole $role, Lab $garment, Substrate $substrate): self
    {
        if ($role !== PlateRole::Base) {
            return new self(1, 1, 'One stroke that clears: every further one drives ink into the cloth and spreads edges.');
        }
        $rough = $substrate === Substrate::Fleece || $substrate === Substrate::Canvas;

        return match (true) {
            $garment->l < self::VERY_DARK && $rough => new self(2, 2, 'Very dark and rough cloth: print, flash, print again. Two layers are thick and stiff, and dots over them may beat: on smooth cloth one is better.'),
            $garment->l < self::DARK => new self(2, 1, 'Dark cloth: two strokes, then one flash.'),
            $rough => new self(2, 1, 'Rough cloth: two strokes lay its fibres down, then one flash.'),
            default => new self(1, 1, 'Light, smooth cloth: one stroke, then one flash.'),
        };
    }
}
