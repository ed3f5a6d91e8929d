<?php

declare(strict_types=1);

namespace Ektype\Core\Plate;

use Ektype\Core\Colour\Lab;

/**
 * How often an ink is laid through its screen, and why: the only place where that is decided. As few strokes as clear, one for
 * tone and colour, two for a base; a second layer after a flash only where one cannot hide the cloth.
 */
final readonly class Strokes
{
    /** L* under which cloth is very dark, and dark (heuristic). */
    private const VERY_DARK = 20.0;
    private const DARK = 35.0;

    private function __construct(public Laying $laying, public string $says)
    {
    }

    /** Of a plate, a base by how dark and how rough the cloth is. */
    public static function of(PlateRole $role, Lab $garment, Substrate $on): self
    {
        return match (true) {
            $role !== PlateRole::Base => new self(Laying::Once, 'One stroke that clears: every further one drives ink into the cloth and spreads edges.'),
            $garment->l < self::VERY_DARK && $on->isRough() => new self(Laying::PrintFlashPrint, 'Very dark and rough cloth: print, flash, print again. Two layers are thick and stiff, and dots over them may beat: on smooth cloth one is better.'),
            !Garment::isLight($garment) => new self(Laying::Twice, 'Dark cloth: two strokes, then one flash.'),
            $on->isRough() => new self(Laying::Twice, 'Rough cloth: two strokes lay its fibres down, then one flash.'),
            default => new self(Laying::Once, 'Light, smooth cloth: one stroke, then one flash.'),
        };
    }

    /** Of a light ink that draws a picture by itself: no base hides the cloth for it. */
    public static function alone(Lab $garment): self
    {
        return match (true) {
            Garment::isLight($garment) => new self(Laying::Once, 'Light cloth: one stroke.'),
            $garment->l < self::DARK => new self(Laying::PrintFlashPrint, 'No base lies under it and the cloth is dark: print, flash, print again.'),
            default => new self(Laying::Twice, 'No base lies under it on cloth of middle darkness: two strokes.'),
        };
    }
}
