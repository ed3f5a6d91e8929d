<?php

declare(strict_types=1);

namespace Ektype\Core\Advice;

use Ektype\Core\Art\ArtRaster;
use Ektype\Core\Colour\Ciede2000;
use Ektype\Core\Colour\Lab;
use Ektype\Core\Method\OneInk\OneInkPlan;
use Ektype\Core\Method\Process\ProcessPlan;
use Ektype\Core\Method\Simulated\SimulatedPlan;
use Ektype\Core\Method\TwoTone\TwoTonePlan;
use Ektype\Core\Mix\ChosenInks;
use Ektype\Core\Mix\ColourShare;
use Ektype\Core\Mix\FourInks;
use Ektype\Core\Mix\HeldFlats;
use Ektype\Core\Mix\ImpossibleMix;
use Ektype\Core\Mix\InkChoice;
use Ektype\Core\Mix\InkWish;
use Ektype\Core\Mix\MixInks;
use Ektype\Core\Mix\PictureColours;
use Ektype\Core\Plate\Garment;
use Ektype\Core\Separation\GivenInk;
use Ektype\Core\Separation\HeldFlat;
use Ektype\Core\Separation\MethodName;
use Ektype\Core\Separation\PrintWanted;
use Ektype\Core\Tone\FlatColours;

/**
 * The way in which a picture in tones opens, before anybody chose one: the one that shows its colours with what stands on the shelf
 * and as many screens as the press carries. Light and dark alone are enough for a picture that has no colour; a logo or type
 * beside it asks for opaque inks that print it solid.
 */
final readonly class OpeningWay
{
    /** So far from grey a colour is one (ΔE00), and so much of the picture must have one (heuristic). */
    private const COLOURED = 8.0;
    private const SHARE = 0.04;
    /** An opaque print comes nearer than light and dark alone by so much, or its colours are not on the shelf, ΔE00 (heuristic). */
    private const WORTH = 2.0;
    /** So much of a picture in flat colours is a logo or type, % (heuristic). */
    private const MIXED_PCT = 1.0;
    /** Four-colour process wants its four inks and no less. */
    private const FOUR = 4;

    /**
     * @param int|null $screens that the press carries where the method would take more; null lets them be chosen
     * @param string   $missing what the shelf cannot show, in a sentence; empty for nothing
     */
    private function __construct(public MethodName $method, public ?int $screens = null, public string $missing = '')
    {
    }

    /** @param int|null $heads of the press; null where none was chosen */
    public static function of(ArtRaster $art, PrintWanted $print, ?int $heads): self
    {
        $colours = PictureColours::of($art);
        $grey = MethodName::of(\count($print->opaque()) > 1 && ($heads === null || $heads > 1) ? TwoTonePlan::class : OneInkPlan::class);
        if (self::share($colours) < self::SHARE) {
            return new self($grey);
        }
        $flats = HeldFlats::of(FlatColours::of($art), $print->opaque(), null, $print->garment, null);
        if (!self::isMixed($flats) && ($heads ?? self::FOUR) >= self::FOUR && Garment::isLight(Lab::of($print->garment)) && self::hasFour($print)) {
            return new self(MethodName::of(ProcessPlan::class));
        }
        [$base, , $others] = MixInks::whites($print->opaque(), $print->garment, new InkWish());
        $room = ($heads ?? InkChoice::MOST) - ($base === null ? 0 : 1);
        $solid = HeldFlats::of(FlatColours::of($art), $others, $base, $print->garment, null, HeldFlats::room($room))->inks();
        $chosen = $room < 1 ? null : self::chosen($colours, $print, $base, $others, $solid, $room);
        if ($chosen === null || self::inGreys($colours) - $chosen->mean < self::WORTH) {
            return new self($grey, missing: self::missing($colours, $room < 2));
        }

        return new self(MethodName::of(SimulatedPlan::class), \count($chosen->inks) === $room ? $heads : null);
    }

    /**
     * @param array<int, GivenInk> $others opaque inks beside the base
     * @param list<int>            $solid  those of them that flat areas print solid in
     */
    private static function chosen(PictureColours $colours, PrintWanted $print, ?GivenInk $base, array $others, array $solid, int $room): ?ChosenInks
    {
        $locked = array_keys(array_intersect(array_keys($others), $solid));
        $others = array_values($others);
        if ($others === []) {
            return null;
        }
        try {
            return MixInks::worthIt((new InkChoice($colours, $print->garment, $others, $locked, base: $base))->upTo(min($room, MixInks::USUAL, \count($others))));
        } catch (ImpossibleMix) {
            return null;
        }
    }

    /** Whether a logo or type stands beside the picture in colours of the shelf: they print solid, which four process inks cannot. */
    private static function isMixed(HeldFlats $flats): bool
    {
        return array_sum(array_map(static fn (HeldFlat $flat): float => $flat->ink === '' ? 0.0 : $flat->sharePct, $flats->solid())) > self::MIXED_PCT;
    }

    private static function hasFour(PrintWanted $print): bool
    {
        try {
            FourInks::of($print->shelf);

            return true;
        } catch (ImpossibleMix) {
            return false;
        }
    }

    /** How much of the picture has a colour, 0–1. */
    private static function share(PictureColours $colours): float
    {
        return array_sum(array_map(static fn (ColourShare $one): float => self::offGrey($one) > self::COLOURED ? $one->share : 0.0, $colours->colours));
    }

    /** How far the picture would be off in greys of its own lightness, ΔE00: what light and dark come to at best. */
    private static function inGreys(PictureColours $colours): float
    {
        return array_sum(array_map(static fn (ColourShare $one): float => $one->share * self::offGrey($one), $colours->colours));
    }

    private static function offGrey(ColourShare $one): float
    {
        $lab = Lab::of($one->colour);

        return Ciede2000::between($lab, new Lab($lab->l, 0.0, 0.0));
    }

    private static function missing(PictureColours $colours, bool $noRoom): string
    {
        $most = $colours->colours[0];
        foreach ($colours->colours as $one) {
            $most = $one->share * self::offGrey($one) > $most->share * self::offGrey($most) ? $one : $most;
        }

        return $noRoom
            ? 'The picture opens in light and dark alone: the press carries no screens for its colours. Choose a press with more heads to print it in colour.'
            : \sprintf('The picture opens in light and dark alone: nothing on the shelf shows its colours. An opaque ink near %s is missed most; put it on the shelf, and choose another way.', $most->colour->hex());
    }
}
