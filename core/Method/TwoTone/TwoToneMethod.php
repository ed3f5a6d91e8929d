<?php

declare(strict_types=1);

namespace Ektype\Core\Method\TwoTone;

use Ektype\Core\Art\ArtRaster;
use Ektype\Core\Colour\Lab;
use Ektype\Core\Colour\Srgb;
use Ektype\Core\Halftone\Supercell;
use Ektype\Core\Plate\Laying;
use Ektype\Core\Plate\Strokes;
use Ektype\Core\Separation\ArtSource;
use Ektype\Core\Separation\Findings;
use Ektype\Core\Separation\FoundColour;
use Ektype\Core\Separation\GivenInk;
use Ektype\Core\Separation\Method;
use Ektype\Core\Separation\NeighbourBudget;
use Ektype\Core\Separation\Plan;
use Ektype\Core\Separation\PrintWanted;
use Ektype\Core\Separation\Separated;
use Ektype\Core\Tone\ArtTones;
use Ektype\Core\Tone\CalmDots;
use Ektype\Core\Tone\ColourTable;
use Ektype\Core\Tone\ImpossibleTone;
use Ektype\Core\Tone\PicturesTones;
use Ektype\Core\Tone\SmallLook;
use Ektype\Core\Tone\TonalPlan;
use Ektype\Core\Tone\TonalPlates;
use Ektype\Core\Tone\UsedNodes;

/**
 * A picture in dots of a dark and a light ink.
 *
 * @implements Method<TwoTonePlan>
 * @implements PicturesTones<TwoTonePlan>
 */
final class TwoToneMethod implements Method, PicturesTones
{
    /** The dots of a first look are those of a usual film, dpi. */
    private const FILM_DPI = 600.0;
    /** Tables that are kept are written so since this version. */
    private const TABLES = 2;

    public function begin(array $rack = []): TwoTonePlan
    {
        return new TwoTonePlan(dots: CalmDots::on($rack));
    }

    public function separate(Plan $plan, ArtSource $art, PrintWanted $print, ?callable $progress = null, ?\Closure $show = null): Separated
    {
        $raster = $art->raster($print, asItIs: true);
        if ($progress !== null) {
            $progress('Solving both inks together', 0.1);
        }
        $table = self::table($plan, $raster, $print);
        if ($show !== null) {
            $show($this->look($plan, $raster, $print->onScreen($print->widthMm * $raster->height / $raster->width), $table));
        }
        if ($progress !== null) {
            $progress('Turning tones into dots', 0.4);
        }
        $two = TwoTone::of($raster, self::request($plan, $print), $table);
        $laying = self::laying($plan, $print->garment);
        $mm = round($two->holdBackMm, 3);

        return new Separated(
            [
                TonalPlates::kept($two->light, new Srgb(...TonalPlates::LIGHT_END), $laying),
                TonalPlates::kept($two->dark, new Srgb(...TonalPlates::DARK_END), Laying::Once),
            ],
            Findings::ofTones(
                [...$two->says, ...self::register($two, $mm), ...self::strokes($laying)],
                [new NeighbourBudget($two->light->ink->name, $two->dark->ink->name, $mm)],
                \sprintf('A picture in tones, in %s and %s: %s', $two->dark->ink->name, $two->light->ink->name, $two->middle === Middle::Garment
                    ? 'it is black and white, so it counts by its lightness, and what is as light as the garment is the garment.'
                    : 'it has colours, and every one is shown as near as the two inks and the garment come.'),
                ['middle' => $two->middle->value, 'hold_back_mm' => round($two->holdBackMm, 4), 'hold_back_gave_up_pct' => round(100 * $two->gaveUp, 3)],
            ),
        );
    }

    public function first(Plan $plan, ArtSource $art, PrintWanted $print, ?\Closure $kept = null): array
    {
        $raster = $art->raster($print, asItIs: true);
        $known = $kept === null ? null : self::known($plan, $raster, self::film($print), $kept);

        return $this->look($plan, $raster, $print, $known);
    }

    /** @return list<\Ektype\Core\Separation\Decision> */
    public function offers(Plan $plan, FoundColour $colour): array
    {
        return [];
    }

    public function picture(TonalPlan $plan, ArtRaster $small, PrintWanted $print, \Closure $kept, SmallLook $look = new SmallLook()): \Imagick
    {
        $print = $look->on === null ? $print : $print->on($look->on);

        return self::inks($plan, $small, $print, self::known($plan, $small, $print, $kept))->print(ArtTones::of($small, $small->width, $small->height, $print->widthMm, $plan->work), $look->uncorrected);
    }

    public function settled(TonalPlan $plan, ArtRaster $small, PrintWanted $print, \Closure $kept): TonalPlan
    {
        return $plan;
    }

    /** The table that a picture in colour is taken through, to be kept; null for one in black and white. */
    public static function table(TwoTonePlan $plan, ArtRaster $small, PrintWanted $print): ?ColourTable
    {
        return self::inks($plan, $small, $print, null)->byColour;
    }

    /** Tells apart everything that such a table depends on. */
    public static function key(TwoTonePlan $plan, PrintWanted $print): string
    {
        $request = self::request($plan, $print);

        return hash('sha256', serialize([
            self::TABLES,
            $request->garment->hex(),
            $request->dark->colour->hex(),
            round($request->dark->hiding, 5),
            $request->light->colour->hex(),
            round($request->light->hiding, 5),
            $request->dpi,
            $request->dots,
            $request->dot->value,
            $request->holdBackPx(),
        ]));
    }

    /** @param array<int, true>|null $used */
    private static function inks(TwoTonePlan $plan, ArtRaster $small, PrintWanted $print, ?ColourTable $known, ?array $used = null): TwoInks
    {
        $request = self::request($plan, $print);

        return TwoInks::of($request, Supercell::for($request->dpi, $request->dots->lpi, $request->dots->angleDeg), $plan->middle ?? Middle::of($small), $known, $used);
    }

    /** @return list<\Ektype\Core\Separation\FirstPlate> */
    private function look(TwoTonePlan $plan, ArtRaster $raster, PrintWanted $print, ?ColourTable $known = null): array
    {
        $film = self::film($print);
        $request = self::request($plan, $film);
        $width = min($raster->width, (int) round($print->widthMm / 25.4 * $print->dpi));
        $tones = ArtTones::of($raster, $width, max(1, (int) round($width * $raster->height / $raster->width)), $print->widthMm, $plan->work);
        [$dark, $light] = self::inks($plan, $raster, $film, $known)->on($tones);

        return [
            TonalPlates::seen($light, $request->light, new Srgb(...TonalPlates::LIGHT_END)),
            TonalPlates::seen($dark, $request->dark, new Srgb(...TonalPlates::DARK_END)),
        ];
    }

    /** The dots are those of the film, the picture is that of the screen. */
    private static function film(PrintWanted $print): PrintWanted
    {
        return $print->at(max(self::FILM_DPI, $print->dpi));
    }

    /**
     * The table of two inks on a garment: of a picture as it came, solved where its colours lie; once it is bent, everywhere, so
     * that no further bend solves it again.
     *
     * @param \Closure(string, \Closure(): string): string $kept
     */
    private static function known(TwoTonePlan $plan, ArtRaster $small, PrintWanted $print, \Closure $kept): ?ColourTable
    {
        if (($plan->middle ?? Middle::of($small)) !== Middle::Picture) {
            return null;
        }
        $used = !$plan->work->leavesTones() ? null : UsedNodes::of(ArtTones::of($small, $small->width, $small->height, $print->widthMm, $plan->work)->channels(), ColourTable::SIDE);

        return ColourTable::read($kept(self::key($plan, $print).UsedNodes::key($used), static fn (): string => self::inks($plan, $small, $print, null, $used)->byColour?->written() ?? ''));
    }

    private static function request(TwoTonePlan $plan, PrintWanted $print): TwoToneRequest
    {
        $inks = self::pair($plan, $print);
        $laying = self::laying($plan, $print->garment);

        return new TwoToneRequest(
            $print->widthMm,
            $print->garment,
            new GivenInk($inks->dark->name, $inks->dark->colour, $inks->dark->hiding * (1 - $print->sinks)),
            new GivenInk($inks->light->name, $inks->light->colour, $laying->hiding($inks->light->hiding * (1 - $print->sinks))),
            $print->dpi,
            $plan->dots->halftone,
            dot: $plan->dots->dot,
            holdBackMm: $plan->holdBackMm,
            middle: $plan->middle,
            range: $plan->dots->range,
            curve: $print->curve,
            work: $plan->work,
        );
    }

    private static function pair(TwoTonePlan $plan, PrintWanted $print): TwoGiven
    {
        $shelf = $print->opaque();
        usort($shelf, static fn (GivenInk $a, GivenInk $b): int => Lab::of($a->colour)->l <=> Lab::of($b->colour)->l);
        if (\count($shelf) < 2) {
            throw ImpossibleTone::at('inks', 'A picture in two tones needs a dark and a light ink, and the shelf has not both. Put them there, or print it in one ink.');
        }

        return new TwoGiven($print->shelf[$plan->dark ?? 0] ?? $shelf[0], $print->shelf[$plan->light ?? 0] ?? $shelf[\count($shelf) - 1]);
    }

    private static function laying(TwoTonePlan $plan, Srgb $garment): Laying
    {
        return $plan->laying ?? Strokes::alone(Lab::of($garment))->laying;
    }

    /** @return list<string> */
    private static function register(TwoTonePlates $two, float $mm): array
    {
        return $mm <= 0 ? ['The light dots touch the dark ones: any shift prints one on the other. Held back by a film pixel or two, they would have room.'] : [
            \sprintf('The light dots keep %.2f mm from the dark ones: so far the plates may shift before one prints on the other%s.', $mm, $two->gaveUp > 0.005 ? \sprintf('. It takes %.0f %% of the light film', 100 * $two->gaveUp) : ''),
        ];
    }

    /** @return list<string> */
    private static function strokes(Laying $laying): array
    {
        return match ($laying) {
            Laying::Once => [],
            Laying::Twice => ['This cloth is of middle darkness: pull the light plate with two strokes, and it covers as it is shown.'],
            Laying::PrintFlashPrint => ['This cloth is dark: print the light plate, flash it and print it again, and it covers as it is shown.'],
        };
    }
}
