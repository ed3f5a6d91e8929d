<?php

declare(strict_types=1);

namespace Ektype\Core\Method\TwoTone;

use Ektype\Core\Colour\BesideEachOther;
use Ektype\Core\Colour\Lab;
use Ektype\Core\Colour\LaidInk;
use Ektype\Core\Colour\Srgb;
use Ektype\Core\Halftone\RoomBeside;
use Ektype\Core\Halftone\Supercell;
use Ektype\Core\Halftone\ToneCurve;
use Ektype\Core\Raster\ToneRaster;
use Ektype\Core\Tone\ArtTones;
use Ektype\Core\Tone\ColourTable;
use Ektype\Core\Tone\ImpossibleTone;
use Ektype\Core\Tone\InkTones;
use Ektype\Core\Tone\NearestMix;

/** How a dark and a light ink on a garment show a picture: by its lightness, or by its colours. */
final readonly class TwoInks
{
    /** Inks nearer in lightness than this make no picture between them, L* (heuristic). */
    private const ALIKE = 3.0;

    private function __construct(private TwoToneRequest $request, private InkTones $byLight, public ?ColourTable $byColour, public Middle $middle)
    {
    }

    /**
     * @param array<int, true>|null $used  nodes of the table of colours that are looked up; null for all
     * @param ColourTable|null      $known of the same inks, garment and dots, where it was reckoned before
     *
     * @throws ImpossibleTone where the two are one, or stand the wrong way round
     */
    public static function of(TwoToneRequest $request, Supercell $cell, Middle $middle, ?ColourTable $known = null, ?array $used = null): self
    {
        if (Lab::of($request->dark->colour)->l > Lab::of($request->light->colour)->l - self::ALIKE) {
            throw ImpossibleTone::at('inks', \sprintf('%s is not darker than %s: a picture in two tones needs a dark and a light ink. Choose others, or swap them.', $request->dark->name, $request->light->name));
        }
        $counted = null;
        // Counted only where the two inks meet: on most garments they do not.
        $room = static function (float $tone) use ($cell, $request, &$counted): float {
            $counted ??= RoomBeside::of($cell, $request->dot, $request->holdBackPx());

            return $counted->beside($tone);
        };

        return new self(
            $request,
            new InkTones($request->garment, [$request->dark, $request->light], $request->printedRange(), $room),
            $middle === Middle::Picture ? $known ?? self::table($request, $room, $used) : null,
            $middle,
        );
    }

    /**
     * @param callable(float): float $room
     * @param array<int, true>|null  $used
     */
    private static function table(TwoToneRequest $request, callable $room, ?array $used): ColourTable
    {
        return ColourTable::of(new NearestMix($request->garment, $request->dark, $request->light, $room), $used);
    }

    /** @return array{ToneRaster, ToneRaster} how much of each place is printed in the dark ink, and in the light one */
    public function on(ArtTones $art): array
    {
        [$dark, $light] = $this->byColour === null ? $this->throughLight($art) : array_map($this->held(...), $art->through($this->byColour));

        return [$art->where($dark), $art->where($light)];
    }

    /**
     * The print, as the eye sees it from a few steps away.
     *
     * @param bool $uncorrected from a film that does not undo the gain of the press
     */
    public function print(ArtTones $art, bool $uncorrected = false): \Imagick
    {
        $press = ToneCurve::press($uncorrected ? $this->request->curve : null);
        $model = new BesideEachOther($this->request->garment, [
            new LaidInk($this->request->dark->colour, 1.0, $this->request->dark->hiding),
            new LaidInk($this->request->light->colour, 1.0, $this->request->light->hiding),
        ]);
        $rgb = static fn (Srgb $c): string => \chr($c->red).\chr($c->green).\chr($c->blue);
        if ($this->byColour === null) {
            $colours = [];
            for ($light = 0; $light < 256; ++$light) {
                $colours[\chr($light)] = $rgb($model->colour(array_map($press, $this->byLight->printed($light / 2.55))));
            }

            return $art->print($art->lights(), $colours, $this->request->garment);
        }
        [$dark, $light] = $art->through($this->byColour);
        $known = [];
        $pixels = '';
        for ($i = 0, $n = \strlen($dark); $i < $n; ++$i) {
            $pair = $dark[$i].$light[$i];
            $pixels .= $known[$pair] ??= $rgb($model->colour([
                $press($this->byLight->held(\ord($pair[0]) / 255)),
                $press($this->byLight->held(\ord($pair[1]) / 255)),
            ]));
        }

        return $art->coloured($pixels, $this->request->garment);
    }

    /** @return list<string> plain sentences */
    public function says(ArtTones $art): array
    {
        return $this->byLight->says($art->histogram());
    }

    /** @return list<string> */
    private function throughLight(ArtTones $art): array
    {
        $lights = $art->lights();
        $all = implode('', array_map(\chr(...), range(0, 255)));

        return array_map(static fn (string $table): string => strtr($lights, $all, $table), $this->byLight->tables());
    }

    private function held(string $tones): string
    {
        $from = $to = '';
        for ($tone = 0; $tone < 256; ++$tone) {
            $from .= \chr($tone);
            $to .= \chr((int) round(255 * $this->byLight->held($tone / 255)));
        }

        return strtr($tones, $from, $to);
    }
}
