<?php

declare(strict_types=1);

namespace Ektype\Core\Mix;

use Ektype\Core\Colour\Ciede2000;
use Ektype\Core\Colour\Lab;
use Ektype\Core\Colour\Srgb;
use Ektype\Core\Separation\GivenInk;
use Ektype\Core\Separation\HeldFlat;
use Ektype\Core\Tone\FlatColour;

/** Which flat colours of a picture print solid: those that an ink of the shelf, the base or the garment has, and those that somebody asked for. */
final readonly class HeldFlats
{
    /** An ink so near prints a flat colour solid, ΔE00; further off its dots come nearer than it does (heuristic). */
    public const NEAR = 10.0;

    /**
     * @param list<HeldFlat>          $all
     * @param array<string, int|null> $inks number of the ink of each that prints solid in one, by hex
     */
    private function __construct(public array $all, private array $inks)
    {
    }

    /**
     * @param list<FlatColour>     $found
     * @param array<int, GivenInk> $inks   opaque ones, by number
     * @param list<string>|null    $wished hex of those that are to print solid; null holds those that have an ink near
     */
    public static function of(array $found, array $inks, ?GivenInk $base, Srgb $garment, ?array $wished): self
    {
        $shares = [];
        foreach ($found as $flat) {
            $shares[$flat->colour->hex()] = $flat->share;
        }
        $all = $numbers = [];
        foreach ($shares + array_fill_keys($wished ?? [], 0.0) as $hex => $share) {
            $lab = Lab::of(Srgb::fromHex($hex));
            [$name, $number, $off] = ['', null, Ciede2000::between($lab, Lab::of($garment))];
            foreach ([...$base === null ? [] : [$base], ...$inks] as $ink) {
                $far = Ciede2000::between($lab, Lab::of($ink->colour));
                if ($far < $off) {
                    [$name, $off] = [$ink->name, $far];
                    $number = $ink === $base ? null : array_search($ink, $inks, true);
                }
            }
            $solid = $wished === null ? $off <= self::NEAR : \in_array($hex, $wished, true);
            $all[] = new HeldFlat($hex, 100 * $share, $name, $name !== '' && !\is_int($number), $off, $solid);
            if ($solid) {
                $numbers[$hex] = \is_int($number) ? $number : null;
            }
        }

        return new self($all, $numbers);
    }

    /** @return list<int> numbers of inks that a flat colour prints solid in */
    public function inks(): array
    {
        return array_values(array_unique(array_filter($this->inks, static fn (?int $number): bool => $number !== null)));
    }

    /** @return list<string> what is to be said of those that do not, or not well */
    public function says(): array
    {
        $says = [];
        foreach ($this->all as $flat) {
            if (!$flat->solid && $flat->deltaE > self::NEAR) {
                $says[] = \sprintf('The flat colour %s, %.1f %% of the picture, has no ink near: %s is %.1f ΔE00 off, so it prints in dots. Put its ink on the shelf and choose inks anew, or let it print solid all the same.', $flat->hex, $flat->sharePct, $flat->ink === '' ? 'the garment' : $flat->ink, $flat->deltaE);
            }
        }

        return $says;
    }

    /** @return list<HeldFlat> those that print solid */
    public function solid(): array
    {
        return array_values(array_filter($this->all, static fn (HeldFlat $flat): bool => $flat->solid));
    }
}
