<?php

declare(strict_types=1);

namespace Ektype\Core\Morning;

use Ektype\Core\Ink\InkKind;

/** What a shop mostly prints: it says which inks and frames usually stand there. */
enum Prints: string
{
    case Shirts = 'shirts';
    case Totes = 'totes';
    case Paper = 'paper';
    case Flat = 'flat goods';

    /** As a printer says it. */
    public function says(): string
    {
        return match ($this) {
            self::Shirts => 'Shirts, light and dark',
            self::Totes => 'Totes, aprons, cloth by the yard',
            self::Paper => 'Paper: posters and editions',
            self::Flat => 'Flat goods: boards, acrylic, labels',
        };
    }

    /** @return list<UsualInk> six to begin with (trade habit): white and black, the four that mix most, or pure hues for paper */
    public function inks(): array
    {
        $kind = match ($this) {
            self::Shirts => InkKind::Plastisol,
            self::Totes, self::Paper => InkKind::WaterBased,
            self::Flat => InkKind::Solvent,
        };
        $hides = static fn (string $name, string $hex, float $hiding): UsualInk => new UsualInk($name, $hex, $kind, $hiding);

        return match ($this) {
            self::Shirts => [
                $hides('White', '#f6f4ee', 0.95),
                $hides('Black', '#161513', 0.96),
                $hides('Red', '#c8262c', 0.90),
                $hides('Yellow', '#f4c51f', 0.88),
                $hides('Blue', '#1f4ea0', 0.92),
                $hides('Green', '#1f7a48', 0.92),
            ],
            self::Totes => [
                $hides('White', '#f6f4ee', 0.80),
                $hides('Black', '#161513', 0.92),
                $hides('Red', '#c8262c', 0.75),
                $hides('Yellow', '#f4c51f', 0.70),
                $hides('Blue', '#1f4ea0', 0.80),
                $hides('Green', '#1f7a48', 0.80),
            ],
            self::Paper, self::Flat => [
                $hides('White', '#f7f6f2', 0.85),
                $hides('Black', '#161513', 0.95),
                $hides('Red', '#cd2a2f', 0.80),
                $hides('Yellow', '#f6cf2e', 0.75),
                $hides('Blue', '#2256a8', 0.85),
                $hides('Green', '#23824e', 0.85),
            ],
        };
    }

    /** @return list<UsualFrames> twelve, coarse to fine (trade habit): base and bold colour coarse, detail and halftones fine */
    public function frames(): array
    {
        return match ($this) {
            self::Shirts => [new UsualFrames(43, 80, 3), new UsualFrames(61, 64, 4), new UsualFrames(77, 55, 3), new UsualFrames(90, 48, 2)],
            self::Totes => [new UsualFrames(43, 80, 4), new UsualFrames(55, 64, 4), new UsualFrames(77, 55, 4)],
            self::Paper => [new UsualFrames(77, 55, 4), new UsualFrames(90, 48, 4), new UsualFrames(120, 34, 4)],
            self::Flat => [new UsualFrames(90, 48, 4), new UsualFrames(120, 34, 4), new UsualFrames(140, 34, 4)],
        };
    }
}
