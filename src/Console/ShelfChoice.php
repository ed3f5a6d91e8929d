<?php

declare(strict_types=1);

namespace Ektype\App\Console;

use Ektype\App\Console\Asked\SeparateAsked;
use Ektype\App\Request\UnreadableRequest;
use Ektype\App\Work\Picture\InkPalette;
use Ektype\Core\Art\ArtRaster;
use Ektype\Core\Colour\Srgb;
use Ektype\Core\Mix\InkWish;
use Ektype\Core\Mix\MixInks;
use Ektype\Core\Mix\MixLook;
use Ektype\Core\Mix\PictureColours;
use Ektype\Core\Separation\GivenInk;

/** The inks of a palette that a picture in many inks is printed in. */
final readonly class ShelfChoice
{
    /**
     * @param list<GivenInk> $inks
     * @param list<string>   $says plain sentences
     */
    private function __construct(public ?GivenInk $base, public array $inks, public ?GivenInk $highlight, public array $says)
    {
    }

    /** @throws \Ektype\Core\Unit\Refusal|UnreadableRequest where there is nothing to choose from */
    public static function of(SeparateAsked $asked, ArtRaster $art): self
    {
        if ($asked->palette === null) {
            throw UnreadableRequest::at('palette', 'A print in many inks is made of those of a shelf. Name its file with --palette=FILE.');
        }
        $shelf = InkPalette::read($asked->palette);
        $garment = Srgb::fromHex($asked->garment);
        $wish = new InkWish(screens: $asked->plates, base: $asked->base, highlight: $asked->highlight);
        if ($asked->plates === null) {
            $wish = new InkWish(array_keys(MixInks::whites($shelf, $garment, $wish)[2]), base: $asked->base, highlight: $asked->highlight);
        }
        $inks = MixInks::of($shelf, $garment, static fn (): PictureColours => PictureColours::of($art), $wish);
        $missing = MixLook::missing($inks->asked);

        return new self($inks->base, array_values($inks->colours), $inks->highlight, $missing === '' ? [] : [$missing]);
    }
}
