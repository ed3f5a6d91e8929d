<?php

declare(strict_types=1);

namespace Ektype\Core\Press;

use Ektype\Core\Colour\Lab;
use Ektype\Core\Plate\Garment;
use Ektype\Core\Plate\PlateRole;

/** In which order each school prints: bases first and raised inks last in all of them. */
final class OrderSchools
{
    /** An ink as dark and as grey as this is a black (heuristic). */
    private const BLACK_L = 28.0;
    private const BLACK_CHROMA = 16.0;

    /** Bases, colours, highlights, raised inks. */
    public static function rank(PlateInOrder $plate): int
    {
        return match (true) {
            $plate->role === PlateRole::Base => 0,
            $plate->raised => 3,
            $plate->role === PlateRole::Highlight => 2,
            default => 1,
        };
    }

    /**
     * @param list<PlateInOrder> $plates
     *
     * @return array<string, list<int>> plates by their index
     */
    public static function of(array $plates, Lab $garment): array
    {
        $dark = !Garment::isLight($garment);
        $by = static function (callable $key) use ($plates): array {
            $order = array_keys($plates);
            usort($order, static fn (int $a, int $b): int => [self::rank($plates[$a]), $key($plates[$a]), $a] <=> [self::rank($plates[$b]), $key($plates[$b]), $b]);

            return $order;
        };

        return [
            $dark ? 'base, light to dark, highlight last' : 'light to dark' => $by(static fn (PlateInOrder $p): float => -$p->lab->l),
            'dark to light' => $by(static fn (PlateInOrder $p): float => $p->lab->l),
            'small areas before large' => $by(static fn (PlateInOrder $p): float => $p->share),
            ...self::blacks($plates, $by),
            ...self::process($plates, $by),
        ];
    }

    /**
     * Where there is a black: last of all, over the highlight; or early, for a grey picture under the colours.
     *
     * @param list<PlateInOrder>                                 $plates
     * @param callable(callable(PlateInOrder): float): list<int> $by
     *
     * @return array<string, list<int>>
     */
    private static function blacks(array $plates, callable $by): array
    {
        $light = $by(static fn (PlateInOrder $p): float => -$p->lab->l);
        $blacks = array_values(array_filter($light, static fn (int $i): bool => self::isBlack($plates[$i])));
        if ($blacks === [] || \count($plates) < 3) {
            return [];
        }
        $others = array_values(array_diff($light, $blacks));
        $bases = array_values(array_filter($others, static fn (int $i): bool => $plates[$i]->role === PlateRole::Base));
        $raised = array_values(array_filter($others, static fn (int $i): bool => $plates[$i]->raised));

        return [
            'highlight, then black last' => [...array_values(array_diff($others, $raised)), ...$blacks, ...$raised],
            'dark early, under the colours' => [...$bases, ...$blacks, ...array_values(array_diff($others, $bases))],
        ];
    }

    /**
     * Yellow, magenta, cyan, black, where the plates are these.
     *
     * @param list<PlateInOrder>                                 $plates
     * @param callable(callable(PlateInOrder): float): list<int> $by
     *
     * @return array<string, list<int>>
     */
    private static function process(array $plates, callable $by): array
    {
        $kind = static function (PlateInOrder $p): ?int {
            $hue = fmod(rad2deg(atan2($p->lab->b, $p->lab->a)) + 360, 360);

            return match (true) {
                $p->role !== PlateRole::Colour => null,
                self::isBlack($p) => 3,
                $hue > 75 && $hue < 120 && $p->lab->l > 70 => 0,
                $hue > 320 || $hue < 15 => 1,
                $hue > 195 && $hue < 265 => 2,
                default => null,
            };
        };
        $colours = array_filter($plates, static fn (PlateInOrder $p): bool => $p->role === PlateRole::Colour);
        $kinds = array_map($kind, $colours);
        sort($kinds);

        return $kinds === [0, 1, 2, 3] ? ['yellow, magenta, cyan, black' => $by(static fn (PlateInOrder $p): float => (float) ($kind($p) ?? 0))] : [];
    }

    private static function isBlack(PlateInOrder $plate): bool
    {
        return $plate->role === PlateRole::Colour && $plate->lab->l < self::BLACK_L && hypot($plate->lab->a, $plate->lab->b) < self::BLACK_CHROMA;
    }
}
