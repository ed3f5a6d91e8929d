<?php

declare(strict_types=1);

namespace Ektype\Core\Mix;

use Ektype\Core\Colour\Lab;
use Ektype\Core\Colour\Srgb;
use Ektype\Core\Plate\Garment;
use Ektype\Core\Separation\GivenInk;

/** The inks that a picture in many of them is printed in: a base, colours, a highlight. */
final readonly class MixInks
{
    private const BASES = ['white' => [246, 244, 238], 'grey' => [154, 154, 152]];
    /** An ink of the shelf so near to a white or grey serves as one, ΔE76 (heuristic). */
    private const NEAR = 15.0;
    /** One more ink is worth its screen from so much of the mean, ΔE00 (heuristic). */
    private const WORTH = 0.5;
    /** A usual press has so many heads for colours over the base (heuristic). */
    public const USUAL = 6;

    /**
     * @param array<int, GivenInk> $colours by their number on the shelf
     * @param list<int>            $asked   screens that were asked for and found no ink
     */
    public function __construct(public ?GivenInk $base, public array $colours, public ?GivenInk $highlight, public array $asked = [])
    {
    }

    /**
     * @param array<int, GivenInk>       $shelf   by the numbers that the wish names them with
     * @param callable(): PictureColours $picture looked at only where inks are to be chosen
     *
     * @throws ImpossibleMix where there is nothing to print in
     */
    public static function of(array $shelf, Srgb $garment, callable $picture, InkWish $wish): self
    {
        $opaque = array_filter($shelf, static fn (GivenInk $ink): bool => !$ink->transparent);
        [$base, $highlight, $others] = self::whites($opaque, $garment, $wish);
        if ($wish->inks !== null) {
            $named = array_intersect_key(array_replace(array_flip($wish->inks), $shelf), array_flip($wish->inks));
            $colours = array_filter($named, static fn (mixed $ink): bool => $ink instanceof GivenInk);

            return $colours === [] ? throw ImpossibleMix::at('inks', 'None of the inks that were chosen is on the shelf any more. Choose others.') : new self($base, $colours, $highlight);
        }
        $places = array_keys($others);
        $choice = new InkChoice(
            $picture(),
            $garment,
            array_values($others),
            array_keys(array_intersect($places, $wish->locked)),
            array_keys(array_intersect($places, $wish->forbidden)),
            $base,
        );
        $whites = ($base === null ? 0 : 1) + ($highlight === null ? 0 : 1);
        if ($wish->screens !== null) {
            $many = $wish->screens - $whites;
            if ($many < 1 || $many > InkChoice::MOST) {
                throw ImpossibleMix::at('plates', \sprintf('%d screens%s leave %d for inks; a picture is printed in 1 to %d. Give the heads that your press has.', $wish->screens, $whites > 0 ? ' with base and highlight' : '', $many, InkChoice::MOST));
            }
            $counts = $choice->upTo($many);
            $chosen = $counts[\count($counts) - 1] ?? null;

            return new self($base, self::named($chosen->inks ?? [], $others), $highlight, \count($chosen->inks ?? []) < $many ? range(\count($chosen->inks ?? []) + 1, $many) : []);
        }
        $counts = $choice->upTo(min(self::USUAL, max(1, \count($others))));

        return new self($base, self::named(self::worthIt($counts)->inks, $others), $highlight);
    }

    /**
     * So many inks that one more would gain little.
     *
     * @param list<ChosenInks> $counts at least one
     */
    public static function worthIt(array $counts): ChosenInks
    {
        $taken = $counts[0] ?? throw new \LogicException('One ink is a choice.');
        foreach ($counts as $i => $chosen) {
            $taken = $chosen;
            if (isset($counts[$i + 1]) && $chosen->mean - $counts[$i + 1]->mean < self::WORTH && (!isset($counts[$i + 2]) || $chosen->mean - $counts[$i + 2]->mean < 2 * self::WORTH)) {
                break;
            }
        }

        return $taken;
    }

    /**
     * Base and highlight, and what else is on the shelf.
     *
     * @param array<int, GivenInk> $shelf
     *
     * @return array{GivenInk|null, GivenInk|null, array<int, GivenInk>}
     */
    public static function whites(array $shelf, Srgb $garment, InkWish $wish): array
    {
        $way = $wish->base ?? (Garment::isLight(Lab::of($garment)) ? BaseWay::None : BaseWay::White);
        [$base, $left] = $way === BaseWay::None ? [null, $shelf] : self::taken($shelf, $way->value, ' base');
        // The highlight is the white of the base once more, on a screen of its own.
        $highlight = match (true) {
            !$wish->highlight => null,
            $way === BaseWay::White && $base !== null => new GivenInk($base->name.' highlight', $base->colour, $base->hiding),
            default => self::taken($left, 'white', ' highlight')[0],
        };

        return [$base, $highlight, $left];
    }

    public function screens(): int
    {
        return \count($this->colours) + ($this->base === null ? 0 : 1) + ($this->highlight === null ? 0 : 1);
    }

    /**
     * The ink that is nearest to a white or a grey, where one is near: it needs no second screen.
     *
     * @param array<int, GivenInk> $shelf
     *
     * @return array{GivenInk, array<int, GivenInk>} it, and what is left
     */
    private static function taken(array $shelf, string $what, string $as): array
    {
        $usual = new Srgb(...self::BASES[$what] ?? self::BASES['white']);
        $wished = Lab::of($usual);
        $far = static fn (GivenInk $ink): float => hypot(Lab::of($ink->colour)->l - $wished->l, hypot(Lab::of($ink->colour)->a, Lab::of($ink->colour)->b));
        $sorted = $shelf;
        uasort($sorted, static fn (GivenInk $a, GivenInk $b): int => $far($a) <=> $far($b));
        $nearest = array_key_first($sorted);
        if ($nearest === null || $far($sorted[$nearest]) >= self::NEAR) {
            return [new GivenInk(ucfirst($what).$as, $usual), $shelf];
        }
        unset($shelf[$nearest]);

        return [$sorted[$nearest], $shelf];
    }

    /**
     * @param list<int>            $places
     * @param array<int, GivenInk> $others
     *
     * @return array<int, GivenInk>
     */
    private static function named(array $places, array $others): array
    {
        $numbers = array_keys($others);
        $named = [];
        foreach ($places as $place) {
            $named[$numbers[$place]] = $others[$numbers[$place]];
        }

        return $named;
    }
}
