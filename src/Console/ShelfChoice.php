<?php

declare(strict_types=1);

namespace Ektype\App\Console;

use Ektype\App\Console\Asked\BaseWay;
use Ektype\App\Console\Asked\SeparateAsked;
use Ektype\App\Request\UnreadableRequest;
use Ektype\App\Work\InkPalette;
use Ektype\Core\Art\ArtRaster;
use Ektype\Core\Colour\Lab;
use Ektype\Core\Colour\Srgb;
use Ektype\Core\Mix\InkChoice;
use Ektype\Core\Mix\PictureColours;
use Ektype\Core\Plate\Garment;
use Ektype\Core\Separation\GivenInk;

/** The inks of a palette that a picture in many inks is printed in: a base, the best of the others, a highlight. */
final readonly class ShelfChoice
{
    private const BASES = ['white' => '#f6f4ee', 'grey' => '#9a9a98'];
    /** An ink of the palette so near to a white or grey serves as one (heuristic). */
    private const NEAR = 15.0;

    /** @param list<GivenInk> $inks */
    private function __construct(public ?GivenInk $base, public array $inks, public ?GivenInk $highlight)
    {
    }

    /** @throws \Ektype\Core\Unit\Refusal|UnreadableRequest where there is nothing to choose from */
    public static function of(SeparateAsked $asked, ArtRaster $art): self
    {
        $garment = Srgb::fromHex($asked->garment);
        if ($asked->palette === null) {
            throw UnreadableRequest::at('palette', 'A print in many inks is made of those of a shelf. Name its file with --palette=FILE.');
        }
        $shelf = InkPalette::read($asked->palette);
        $way = $asked->base ?? (Garment::isLight(Lab::of($garment)) ? BaseWay::None : BaseWay::White);
        [$base, $shelf] = $way === BaseWay::None ? [null, $shelf] : self::taken($shelf, $way->value, ' base');
        // The highlight is the white of the base once more, on a screen of its own.
        $highlight = !$asked->highlight ? null : ($way === BaseWay::White && $base !== null ? new GivenInk($base->name.' highlight', $base->colour, $base->hiding) : self::taken($shelf, 'white', ' highlight')[0]);
        $others = ($base === null ? 0 : 1) + ($highlight === null ? 0 : 1);
        $many = ($asked->plates ?? \count($shelf) + $others) - $others;
        if ($many < 1 || $many > InkChoice::MOST) {
            throw UnreadableRequest::at('plates', \sprintf('%d screens%s leave %d for inks; a picture is printed in 1 to %d. Give the heads that your press has.', $asked->plates ?? \count($shelf), $others > 0 ? ' with base and highlight' : '', $many, InkChoice::MOST));
        }
        if ($many >= \count($shelf)) {
            return new self($base, $shelf, $highlight);
        }
        $counts = (new InkChoice(PictureColours::of($art), $garment, $shelf, base: $base))->upTo($many);

        return new self($base, array_map(static fn (int $i): GivenInk => $shelf[$i], $counts[\count($counts) - 1]->inks ?? []), $highlight);
    }

    /**
     * The ink that is nearest to a white or a grey, where one is near: it needs no second screen.
     *
     * @param list<GivenInk> $shelf
     *
     * @return array{GivenInk, list<GivenInk>} it, and what is left
     */
    private static function taken(array $shelf, string $what, string $as): array
    {
        $wished = Lab::of(Srgb::fromHex(self::BASES[$what] ?? self::BASES['white']));
        $far = static fn (GivenInk $ink): float => hypot(Lab::of($ink->colour)->l - $wished->l, hypot(Lab::of($ink->colour)->a, Lab::of($ink->colour)->b));
        usort($shelf, static fn (GivenInk $a, GivenInk $b): int => $far($a) <=> $far($b));

        return isset($shelf[0]) && $far($shelf[0]) < self::NEAR
            ? [$shelf[0], \array_slice($shelf, 1)]
            : [new GivenInk(ucfirst($what).$as, Srgb::fromHex(self::BASES[$what] ?? self::BASES['white'])), $shelf];
    }
}
