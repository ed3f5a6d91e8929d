<?php

declare(strict_types=1);

namespace Ektype\Core\Ink;

use Ektype\Core\Colour\Ciede2000;
use Ektype\Core\Colour\Lab;
use Ektype\Core\Colour\Srgb;

/** A plain word for a colour, so that a plate has a name before an ink is chosen. */
final class ColourName
{
    private const NAMES = [
        'White' => '#ffffff', 'Chalk' => '#f2efe6', 'Ivory' => '#f6eed2', 'Straw' => '#f0e2b0', 'Butter' => '#f6d978', 'Lemon' => '#f7e017',
        'Sunflower' => '#f6b818', 'Amber' => '#dc8a2c', 'Pumpkin' => '#ee6b1f', 'Peach' => '#f6b48f', 'Salmon' => '#ee8270', 'Scarlet' => '#d9271e',
        'Rust' => '#b84a30', 'Brick' => '#8e3a2c', 'Wine' => '#6b1d33', 'Plum' => '#6a2c5c', 'Rose' => '#d65a86', 'Pink' => '#f4a9c0',
        'Magenta' => '#cf1f7e', 'Violet' => '#7445a8', 'Lilac' => '#b8a0d6', 'Indigo' => '#3a3580', 'Navy' => '#1b2440', 'Royal' => '#23489c',
        'Sky' => '#6db3e4', 'Mist' => '#c3d9e4', 'Cyan' => '#10a6d6', 'Teal' => '#0e6e6a', 'Lagoon' => '#35a79c', 'Mint' => '#a6dcc0',
        'Sage' => '#9cb6a4', 'Leaf' => '#4c9a3f', 'Lime' => '#a9cf3c', 'Pine' => '#1f4e36', 'Olive' => '#76752f', 'Kelp' => '#4a5a24',
        'Sand' => '#d8c49c', 'Tan' => '#b98d5c', 'Rye' => '#a5713b', 'Brown' => '#6b4428', 'Coffee' => '#3e2a1e',
        'Silver' => '#c4c6c6', 'Grey' => '#8c8e8f', 'Slate' => '#566069', 'Charcoal' => '#36393c', 'Black' => '#0d0d0d',
    ];

    public static function of(Srgb $colour): string
    {
        /** @var array<string, Lab>|null $labs */
        static $labs = null;
        $labs ??= array_map(static fn (string $hex): Lab => Lab::of(Srgb::fromHex($hex)), self::NAMES);
        $lab = Lab::of($colour);
        $nearest = 'Ink';
        $least = \INF;
        foreach ($labs as $name => $other) {
            $distance = Ciede2000::between($lab, $other);
            if ($distance < $least) {
                $least = $distance;
                $nearest = $name;
            }
        }

        return $nearest;
    }

    /** The colour of a cloth in a word: as somebody named it, else what it looks like. */
    public static function ofCloth(string $named, string $hex): string
    {
        return $named !== '' ? $named : strtolower(self::of(Srgb::fromHex($hex)));
    }

    /**
     * @param list<string> $names
     *
     * @return list<string> the same, numbered where one comes twice
     */
    public static function toldApart(array $names): array
    {
        $times = array_count_values($names);
        $seen = [];
        $told = [];
        foreach ($names as $name) {
            $seen[$name] = ($seen[$name] ?? 0) + 1;
            $told[] = $times[$name] > 1 ? $name.' '.$seen[$name] : $name;
        }

        return $told;
    }
}
