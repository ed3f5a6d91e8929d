<?php

declare(strict_types=1);

namespace Ektype\App\Console;

use Ektype\Core\Colour\Srgb;
use Ektype\Core\Mix\FourInks;
use Ektype\Core\Separation\GivenInk;

/** A shelf where none was named: an opaque ink of every colour, and four for process (heuristic). */
final class UsualShelf
{
    private const INKS = [
        'White' => '#f6f4ee', 'Yellow' => '#f2cf1c', 'Gold' => '#dc9a2c', 'Orange' => '#e8641c', 'Red' => '#cc2229', 'Maroon' => '#6b1d33',
        'Pink' => '#ee8fb0', 'Purple' => '#5a2c7c', 'Royal' => '#23489c', 'Navy' => '#1b2440', 'Sky' => '#6db3e4', 'Teal' => '#0e6e6a',
        'Green' => '#1f8a44', 'Lime' => '#a9cf3c', 'Brown' => '#6b4428', 'Tan' => '#c49a66', 'Grey' => '#8c8e8f', 'Black' => '#161514',
    ];
    private const HIDING = 0.92;
    private const FEW = ['White' => '#f6f4ee', 'Black' => '#1b1a17'];

    /** @return non-empty-list<GivenInk> */
    public static function inks(): array
    {
        $opaque = array_map(static fn (string $name, string $hex): GivenInk => new GivenInk($name, Srgb::fromHex($hex), self::HIDING), array_keys(self::INKS), array_values(self::INKS));

        return [...$opaque, ...FourInks::usual()->inOrder()];
    }

    /**
     * The fewest that any method can do with: white and black, and four for process.
     *
     * @return non-empty-list<GivenInk>
     */
    public static function few(): array
    {
        return [
            ...array_map(static fn (string $name): GivenInk => new GivenInk($name, Srgb::fromHex(self::FEW[$name])), array_keys(self::FEW)),
            ...FourInks::usual()->inOrder(),
        ];
    }
}
