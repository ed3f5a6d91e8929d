<?php

declare(strict_types=1);

namespace Ektype\Core\Colour;

/**
 * A small window of a print seen as one colour: pixel by pixel it is known which plates print, each set of plates is a colour of
 * layers over the garment, and the eye takes the mean of their light (Yule and Nielsen). Any number of plates.
 *
 * @phpstan-import-type Channels from Srgb
 */
final class PixelLayers
{
    /** @var array<string, Channels> root of the light of each set of plates that was met, by its bytes */
    private array $known = [];

    /** @param list<LaidInk> $plates in print order */
    public function __construct(private readonly Srgb $garment, private readonly array $plates)
    {
    }

    /**
     * @param list<string> $planes of each plate, a byte a pixel, NUL where it prints nothing; all of one length
     *
     * @return Lab|null null where no plate prints
     */
    public function seen(array $planes): ?Lab
    {
        $pixels = \strlen($planes[0] ?? '');
        $root = [0.0, 0.0, 0.0];
        $inked = false;
        foreach ($this->sets($planes) as [$set, $count]) {
            $inked = $inked || trim($set, "\0") !== '';
            foreach ($this->of($set) as $c => $light) {
                $root[$c] += $count / $pixels * $light;
            }
        }
        $n = PrintedLayers::YULE_NIELSEN;

        return $inked ? Lab::fromLinear($root[0] ** $n, $root[1] ** $n, $root[2] ** $n) : null;
    }

    /**
     * @param list<string> $planes
     *
     * @return list<array{string, int}> each set of plates, a bit a plate, eight to a byte, and how many pixels have it
     */
    private function sets(array $planes): array
    {
        $bytes = [];
        foreach ($planes as $i => $plane) {
            $bit = strtr($plane, self::inked(1 << $i % 8));
            $bytes[intdiv($i, 8)] = isset($bytes[intdiv($i, 8)]) ? $bytes[intdiv($i, 8)] | $bit : $bit;
        }
        if (\count($bytes) === 1) {
            $sets = [];
            foreach (count_chars($bytes[0], 1) as $byte => $count) {
                $sets[] = [\chr($byte), $count];
            }

            return $sets;
        }
        $sets = [];
        for ($p = 0, $all = \strlen($bytes[0] ?? ''); $p < $all; ++$p) {
            $set = '';
            foreach ($bytes as $byte) {
                $set .= $byte[$p];
            }
            $key = bin2hex($set);
            $sets[$key] = [$set, ($sets[$key][1] ?? 0) + 1];
        }

        return array_values($sets);
    }

    /** @return array<string, string> every byte but NUL becomes the bit */
    private static function inked(int $bit): array
    {
        return array_combine(array_map(\chr(...), range(1, 255)), array_fill(0, 255, \chr($bit)));
    }

    /** @return Channels */
    private function of(string $set): array
    {
        if (!isset($this->known[$set])) {
            $layers = [];
            foreach ($this->plates as $i => $plate) {
                if ((\ord($set[intdiv($i, 8)] ?? "\0") >> $i % 8 & 1) === 1) {
                    $layers[] = $plate;
                }
            }
            [$r, $g, $b] = (new PrintedLayers())->over($this->garment, $layers)->linear();
            $n = 1 / PrintedLayers::YULE_NIELSEN;
            $this->known[$set] = [$r ** $n, $g ** $n, $b ** $n];
        }

        return $this->known[$set];
    }
}
