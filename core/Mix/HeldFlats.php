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

    /** Screens that are left to the tones beside flat areas (heuristic). */
    private const FOR_PICTURE = 2;
    /** An ink that comes nearer than base or garment by so much is worth its screen, ΔE00 (heuristic). */
    private const WORTH = 3.0;

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
     * @param int                  $most   screens that they may take of those for the picture, the largest first
     */
    public static function of(array $found, array $inks, ?GivenInk $base, Srgb $garment, ?array $wished, int $most = MixInks::USUAL): self
    {
        $shares = [];
        foreach ($found as $flat) {
            $shares[$flat->colour->hex()] = $flat->share;
        }
        $all = $numbers = [];
        foreach ($shares + array_fill_keys($wished ?? [], 0.0) as $hex => $share) {
            $lab = Lab::of(Srgb::fromHex($hex));
            [$name, $number, $off] = ['', null, Ciede2000::between($lab, Lab::of($garment))];
            // What costs no screen of its own is taken where an ink would hardly come nearer.
            $free = [$off, $name];
            if ($base !== null && ($far = Ciede2000::between($lab, Lab::of($base->colour))) < $off) {
                $free = [$off, $name] = [$far, $base->name];
            }
            foreach ($inks as $no => $ink) {
                $far = Ciede2000::between($lab, Lab::of($ink->colour));
                if ($far < $off && $far < $free[0] - self::WORTH) {
                    [$name, $off, $number] = [$ink->name, $far, $no];
                }
            }
            $fits = $number === null || \in_array($number, $numbers, true) || \count(array_unique(array_filter($numbers, is_int(...)))) < $most;
            $solid = $wished === null ? $off <= self::NEAR && $fits : \in_array($hex, $wished, true);
            $all[] = new HeldFlat($hex, 100 * $share, $name, $name !== '' && $number === null, $off, $solid);
            if ($solid) {
                $numbers[$hex] = $number;
            }
        }

        return new self($all, $numbers);
    }

    /** Of so many screens for colours, how many flat areas may take: the picture needs some of its own. */
    public static function room(int $screens): int
    {
        return max(0, $screens - self::FOR_PICTURE);
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
