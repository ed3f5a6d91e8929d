<?php

declare(strict_types=1);

namespace Ektype\App\Work\Picture;

use Ektype\App\Shop\Kept;
use Ektype\App\Shop\UnreadableInput;
use Ektype\Core\Colour\Srgb;
use Ektype\Core\Ink\Hiding;
use Ektype\Core\Separation\GivenInk;

/** Reads a list of inks from a file: JSON {"inks": [{"name", "hex"}]}, or a GIMP palette (lines of R G B and a name). */
final class InkPalette
{
    private const MOST = 60;
    /** Kinds that let what lies below shine through. */
    private const TRANSPARENT = ['transparent', 'process'];

    /**
     * @return non-empty-list<GivenInk>
     *
     * @throws UnreadableInput where there is no ink in it
     */
    public static function read(string $path): array
    {
        if (!is_file($path)) {
            throw UnreadableInput::at('palette', \sprintf('There is no file “%s” with inks. Check its name.', $path));
        }
        $text = (string) file_get_contents($path);
        $inks = str_starts_with($text, 'GIMP Palette') ? self::gimp($text) : self::json($text);
        if ($inks === [] || \count($inks) > self::MOST) {
            throw UnreadableInput::at(
                'palette',
                \sprintf('The palette names %d inks; from 1 to %d can be separated to.', \count($inks), self::MOST),
            );
        }

        return $inks;
    }

    /** @return list<GivenInk> */
    private static function json(string $text): array
    {
        return array_map(
            static fn (Kept $ink): GivenInk => new GivenInk(
                $ink->text('name', 80),
                Srgb::fromHex($ink->text('hex', 20), $ink->pathOf('hex')),
                $ink->has('hiding') ? $ink->number('hiding', 0, 1) : Hiding::WISHED,
                \in_array($ink->textOr('kind', ''), self::TRANSPARENT, true),
            ),
            Kept::fromJson($text)->objects('inks'),
        );
    }

    /** @return list<GivenInk> */
    private static function gimp(string $text): array
    {
        $inks = [];
        foreach (explode("\n", $text) as $line) {
            if (preg_match('/^\s*(\d{1,3})\s+(\d{1,3})\s+(\d{1,3})\s*(.*?)\s*$/', $line, $parts) === 1 && max(
                (int) $parts[1],
                (int) $parts[2],
                (int) $parts[3],
            ) < 256) {
                $colour = new Srgb((int) $parts[1], (int) $parts[2], (int) $parts[3]);
                $inks[] = new GivenInk($parts[4] === '' ? $colour->hex() : mb_strimwidth($parts[4], 0, 80), $colour);
            }
        }

        return $inks;
    }
}
