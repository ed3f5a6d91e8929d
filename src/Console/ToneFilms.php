<?php

declare(strict_types=1);

namespace Ektype\App\Console;

use Ektype\App\Console\Asked\SeparateAsked;
use Ektype\App\Console\Asked\SeparateWay;
use Ektype\App\FilmSet\FilmSetWriter;
use Ektype\App\FilmSet\FilmsInFolder;
use Ektype\Core\Art\ArtRaster;
use Ektype\Core\Film\FilmPlate;
use Ektype\Core\Film\FilmPrinter;
use Ektype\Core\Film\FilmSheet;
use Ektype\Core\Method\OneInk\OneInk;
use Ektype\Core\Method\TwoTone\TwoTone;
use Ektype\Core\Mix\MixLook;
use Ektype\Core\Mix\MixPlates;
use Ektype\Core\Tone\TonePlate;

/** Films of a picture in tones, with their manifest, in a folder. */
final readonly class ToneFilms
{
    public function __construct(private FilmsInFolder $folder)
    {
    }

    /**
     * @param list<string> $formats
     * @param list<string> $older   files of a set that lies there already
     *
     * @return array{non-empty-list<TonePlate>, list<string>} plates in print order, and what is to be said
     *
     * @throws \Ektype\Core\Unit\Refusal|\Ektype\App\Request\UnreadableRequest where it cannot be
     */
    public function write(SeparateAsked $asked, ArtRaster $art, string $artName, array $formats, FilmPrinter $printer, array $older): array
    {
        [$plates, $says, $more] = self::plates($asked, $art);
        $this->films($plates, [...$more, 'warnings' => $says], $asked, $artName, $formats, $printer, $older);

        return [$plates, $says];
    }

    /** @return array{non-empty-list<TonePlate>, list<string>, array<string, mixed>} plates in print order, what is to be said, and more for the manifest */
    private static function plates(SeparateAsked $asked, ArtRaster $art): array
    {
        if ($asked->method === SeparateWay::OneInk) {
            $plate = OneInk::of($art, $asked->oneInk());

            return [[$plate], $plate->says, ['register_budget' => ['mm' => null, 'pairs' => []]]];
        }
        if ($asked->method === SeparateWay::Simulated) {
            $choice = ShelfChoice::of($asked, $art);

            $plates = MixPlates::of($art, $asked->simulated($choice)->mix());

            return [$plates, [...$art->remarks, ...$choice->says, ...MixLook::says($plates)], ['register_budget' => ['mm' => null, 'pairs' => []]]];
        }
        if ($asked->method === SeparateWay::Process) {
            $plates = MixPlates::of($art, FourInksAsked::of($asked)->mix());

            return [$plates, [...$art->remarks, ...MixLook::says($plates)], ['black_pct' => round(100 * $asked->black, 1), 'total_ink_pct' => round(100 * $asked->total, 1), 'register_budget' => ['mm' => null, 'pairs' => []]]];
        }
        $two = TwoTone::of($art, $asked->twoTone());
        $mm = round($two->holdBackMm, 4);

        return [[$two->light, $two->dark], $two->says, [
            'middle' => $two->middle->value,
            'hold_back_mm' => $mm,
            'hold_back_gave_up_pct' => round(100 * $two->gaveUp, 3),
            'register_budget' => ['mm' => $mm, 'pairs' => [['one' => $two->light->ink->name, 'two' => $two->dark->ink->name, 'mm' => $mm]]],
        ]];
    }

    /**
     * @param non-empty-list<TonePlate> $plates
     * @param array<string, mixed>      $more    for the manifest
     * @param list<string>              $formats
     * @param list<string>              $older   files of a set that lies there already
     */
    private function films(array $plates, array $more, SeparateAsked $asked, string $artName, array $formats, FilmPrinter $printer, array $older): void
    {
        $count = \count($plates);
        $sheet = new FilmSheet($plates[0]->plane->width, $plates[0]->plane->height, $asked->dpi, $count, $printer->feedMarginMm, $asked->stepWedge);
        $films = $described = [];
        foreach ($plates as $i => $plate) {
            $films[] = new FilmPlate($plate->ink->name, $plate->plane, \sprintf(
                '%s   plate %d of %d   %s   on %s   %.1f lpi %.1f° %s   this way up, ink side up',
                $artName,
                $i + 1,
                $count,
                $plate->ink->name,
                $asked->garment,
                $plate->dots->lpi,
                $plate->dots->angleDeg,
                $plate->dot->value,
            ));
            $described[] = self::ofDots($plate, $i, $asked->method, $formats);
        }
        [$widthMm, $heightMm] = [round($plates[0]->widthMm, 4), round($plates[0]->heightMm, 4)];
        $manifest = [
            'art' => $artName,
            'method' => $asked->method->value,
            'width_mm' => $widthMm,
            'height_mm' => $heightMm,
            'size_mm' => [$widthMm, $heightMm],
            'garment' => $asked->garment,
            'choke_mm' => 0.0,
            'trap_mm' => 0.0,
            ...FilmSetWriter::sheet($sheet, $printer),
            'plates' => $described,
            'witness_spots' => [],
            ...$more,
        ];
        $this->folder->write($asked->out, $artName, $sheet, $films, $manifest, $formats, $printer, $asked->media !== null, $older);
    }

    /**
     * @param list<string> $formats
     *
     * @return array<string, mixed>
     */
    private static function ofDots(TonePlate $plate, int $i, SeparateWay $method, array $formats): array
    {
        $cm2 = round($plate->widthMm * $plate->heightMm / 1e4 * $plate->coveragePct(), 3);

        return [
            'name' => $plate->ink->name,
            'role' => $plate->role->value,
            'hex' => $plate->ink->colour->hex(),
            'ink' => $plate->ink->name,
            'ink_hiding' => $plate->ink->hiding,
            'ink_kind' => $plate->ink->transparent ? 'transparent' : 'opaque',
            'method' => $method->value,
            'lpi' => round($plate->dots->lpi, 4),
            'angle_deg' => round($plate->dots->angleDeg, 4),
            'dot' => $plate->dot->value,
            'range' => [round(100 * $plate->range->lightest, 2), round(100 * $plate->range->darkest, 2)],
            'coverage_pct' => round($plate->coveragePct(), 4),
            'area_cm2' => $cm2,
            'art_area_cm2' => $cm2,
            'overprints' => false,
            // Dots are held by their range, not by their width.
            'finest_line_mm' => null,
            'finest_gap_mm' => null,
            ...FilmSetWriter::filesOf($i + 1, $plate->ink->name, $formats),
        ];
    }
}
