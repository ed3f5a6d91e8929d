<?php

declare(strict_types=1);

namespace Ektype\Core\Press;

use Ektype\Core\Colour\Lab;
use Ektype\Core\Plate\Garment;
use Ektype\Core\Plate\PlateRole;

/**
 * In which order the plates print, and where a flash comes, by the trade's default school: on a light garment
 * light to dark; on a dark one base, flash, light to dark, highlight last. Wet on wet on fine mesh.
 */
final class PrintOrder
{
    /** On mesh under this count a wet opaque layer is thick: it is flashed, threads per cm (230 per inch). */
    public const COARSE_UNDER_PER_CM = 90.0;
    /** A highlight is a near-white, L*, on at most this share of the picture (heuristic). */
    private const HIGHLIGHT_LIGHTNESS = 93.0;
    private const HIGHLIGHT_CHROMA = 8.0;
    private const HIGHLIGHT_SHARE = 0.06;

    public const SCHOOL = 'Base, flash, light to dark, highlight last on dark garments; light to dark on light ones; wet on wet above the base';

    /** @param float $share of the picture, 0–1 */
    public static function isHighlight(Lab $ink, float $share, Lab $garment): bool
    {
        return !Garment::isLight($garment) && $ink->l >= self::HIGHLIGHT_LIGHTNESS
            && hypot($ink->a, $ink->b) <= self::HIGHLIGHT_CHROMA && $share <= self::HIGHLIGHT_SHARE;
    }

    /**
     * @param list<PlateToOrder> $plates
     *
     * @return list<PrintStep>
     */
    public static function of(array $plates, Lab $garment): array
    {
        $rank = static fn (PlateRole $role): int => match ($role) {
            PlateRole::Base => 0,
            PlateRole::Colour => 1,
            PlateRole::Highlight => 2,
        };
        $order = array_keys($plates);
        usort($order, static function (int $a, int $b) use ($plates, $rank): int {
            return [
                $rank($plates[$a]->role),
                -$plates[$a]->lab->l,
                $plates[$a]->share,
            ] <=> [$rank($plates[$b]->role), -$plates[$b]->lab->l, $plates[$b]->share];
        });

        return self::inGivenOrder($order, $plates, $garment);
    }

    /**
     * Keeps the order that the printer chose and says what each place means.
     *
     * @param list<int>          $order
     * @param list<PlateToOrder> $plates
     *
     * @return list<PrintStep>
     */
    public static function inGivenOrder(array $order, array $plates, Lab $garment): array
    {
        $dark = !Garment::isLight($garment);
        $steps = [];
        $colours = array_values(array_filter($order, static fn (int $i): bool => $plates[$i]->role === PlateRole::Colour));
        foreach ($order as $place => $i) {
            $plate = $plates[$i];
            $last = $place === \count($order) - 1;
            $at = array_search($i, $colours, true);
            $coarse = $plate->threadsPerCm !== null && $plate->threadsPerCm < self::COARSE_UNDER_PER_CM;
            $reason = match ($plate->role) {
                PlateRole::Base => $place === 0 ? 'The base goes down first, so that the other inks stand on white and not on dark cloth.' : 'A base after other plates covers them: move it first.',
                PlateRole::Highlight => $last ? 'The highlight white prints last, over flashed ink, so that nothing dulls it.' : 'A highlight before other plates picks up their colour: move it last.',
                PlateRole::Colour => self::placeOfColour($i, $at === false ? 0 : $at, $colours, $plates, $dark),
            };
            [$flash, $why] = match (true) {
                $last => [false, 'Last plate: straight to the dryer.'],
                $plate->role === PlateRole::Base => [true, 'The base is flashed until gelled, or the next screen picks it up.'],
                $plates[$order[$place + 1]]->role === PlateRole::Highlight => [true, 'Flashed, so that the highlight white stays clean.'],
                $coarse && !self::touchedLater($plate, $place, $order) => [false, 'No later ink touches it, so nothing smears it: no flash, whatever its mesh.'],
                $coarse => [
                    true,
                    \sprintf(
                        'On mesh under %.0f/cm a wet opaque layer is thick and the next screen smears it: flash.',
                        self::COARSE_UNDER_PER_CM,
                    ),
                ],
                default => [false, 'Wet on wet: on fine mesh the layer is thin enough.'],
            };
            $steps[] = new PrintStep($i, $reason, $flash, $why);
        }

        return $steps;
    }

    /**
     * Whether a later plate lies beside or over a wet one; so it is taken where nobody knows.
     *
     * @param list<int> $order
     */
    private static function touchedLater(PlateToOrder $plate, int $place, array $order): bool
    {
        return $plate->touches === null || array_intersect($plate->touches, \array_slice($order, $place + 1)) !== [];
    }

    /**
     * @param list<int>          $colours in print order
     * @param list<PlateToOrder> $plates
     */
    private static function placeOfColour(int $plate, int $at, array $colours, array $plates, bool $dark): string
    {
        $where = $dark ? 'Light to dark above the base' : 'Light to dark';
        $lightness = $plates[$plate]->lab->l;
        $before = $at > 0 ? $plates[$colours[$at - 1]]->lab->l : null;
        if ($before !== null && $lightness > $before + 1) {
            return \sprintf('Out of the light-to-dark order (L* %.0f after %.0f): its edge will show over the darker ink, and a dark ink can foul its screen.', $lightness, $before);
        }

        return $before === null
            ? \sprintf('%s: the lightest colour first (L* %.0f), so that stray ink on the screens never darkens it.', $where, $lightness)
            : \sprintf('%s: L* %.0f follows %.0f; the darker ink hides the seam.', $where, $lightness, $before);
    }
}
