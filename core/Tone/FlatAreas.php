<?php

declare(strict_types=1);

namespace Ektype\Core\Tone;

use Ektype\Core\Colour\Srgb;

/**
 * Which places of a picture lie in a flat area, and how much of one those at its edge have: what smoothed the edge in the
 * picture is a mixture of both sides, and no tone that is printed.
 *
 * @phpstan-import-type Channels from Srgb
 * @phpstan-import-type Planes from CubeSteps
 */
final readonly class FlatAreas
{
    /** Codes of a channel that compression may change within a flat area. */
    private const ALIKE = 8;
    /** What is left of a colour outside its areas is type and thin lines of it up to this share of them; more is the picture’s own (heuristic). */
    private const THIN = 0.25;
    /** The other side of an edge is looked for so many places further. */
    private const FURTHER = 4;
    /** Where an area lies on all sides alike, the nearest place of it counts. */
    private const TOLD = 0.3;
    /** Two sides nearer than this have no edge that is seen, root of the sum of squares of the channels. */
    private const APART = 20.0;

    /**
     * @param string                             $areas the number of the area of each place, from 1; 0 for none
     * @param array<int, array{int, float, int}> $edges by place: the area that it has a part of, how much, and the place that the rest is as
     */
    private function __construct(private string $areas, private int $width, private array $edges)
    {
    }

    /**
     * @param Planes     $channels red, green and blue as drawn, a byte a place
     * @param list<Srgb> $flats
     * @param int        $reach    places that one of the picture covers each way
     */
    public static function of(array $channels, int $width, array $flats, int $reach): self
    {
        $areas = str_repeat("\0", \strlen($channels[0]));
        $all = implode('', array_map(\chr(...), range(0, 255)));
        foreach ($flats as $i => $flat) {
            $mask = "\xff" | $areas;
            foreach ([$flat->red, $flat->green, $flat->blue] as $c => $code) {
                $is = strtr($channels[$c], $all, implode('', array_map(static fn (int $v): string => abs($v - $code) <= self::ALIKE ? "\xff" : "\0", range(0, 255))));
                $mask = $c === 0 ? $is : $mask & $is;
            }
            $mask = self::held($mask, $width) & strtr($areas, $all, "\xff".str_repeat("\0", 255));
            $areas |= strtr($mask, "\xff", \chr($i + 1));
        }

        return new self($areas, $width, self::edges($channels, $areas, $width, $flats, 1 + $reach));
    }

    /**
     * A plate with its flat areas.
     *
     * @param string    $tones of the plate, a byte a place
     * @param list<int> $flats what it prints of each flat area, 0–255
     */
    public function laid(string $tones, array $flats): string
    {
        $from = $to = '';
        foreach ($flats as $i => $tone) {
            $from .= \chr($i + 1);
            $to .= \chr($tone);
        }
        $in = strtr($this->areas, implode('', array_map(\chr(...), range(0, 255))), "\0".str_repeat("\xff", 255));
        $laid = ($tones & ~$in) | (strtr($this->areas, $from, $to) & $in);
        foreach ($this->edges as $at => [$flat, $part, $rest]) {
            $laid[$at] = \chr((int) round($part * $flats[$flat] + (1 - $part) * \ord($laid[$rest])));
        }

        return $laid;
    }

    /**
     * A print with its flat areas.
     *
     * @param string     $rgb   three bytes a place
     * @param list<Srgb> $flats what each prints as
     */
    public function painted(string $rgb, array $flats): string
    {
        $codes = array_map(static fn (Srgb $c): array => [$c->red, $c->green, $c->blue], $flats);
        foreach ($codes as $i => $pixel) {
            for ($at = strpos($this->areas, \chr($i + 1)); $at !== false; $at = strpos($this->areas, \chr($i + 1), $at + 1)) {
                foreach ($pixel as $c => $code) {
                    $rgb[3 * $at + $c] = \chr($code);
                }
            }
        }
        foreach ($this->edges as $at => [$flat, $part, $rest]) {
            foreach ($codes[$flat] as $c => $code) {
                $rgb[3 * $at + $c] = \chr((int) round($part * $code + (1 - $part) * \ord($rgb[3 * $rest + $c])));
            }
        }

        return $rgb;
    }

    /**
     * The tones on both sides of each place at an edge, so that a film cuts it where it was drawn.
     *
     * @param string    $onFilm tones of the plate with its flat areas, a byte a place
     * @param list<int> $flats  what it prints of each, 0–255
     *
     * @return array<int, array<int, array{int, int}>> by row and column, the lesser first
     */
    public function sides(string $onFilm, array $flats): array
    {
        $sides = [];
        foreach ($this->edges as $at => [$flat, , $rest]) {
            $other = \ord($onFilm[$rest]);
            if ($other !== $flats[$flat]) {
                $sides[intdiv($at, $this->width)][$at % $this->width] = $other < $flats[$flat] ? [$other, $flats[$flat]] : [$flats[$flat], $other];
            }
        }

        return $sides;
    }

    /** @return float share of the picture that lies in flat areas, 0–1 */
    public function share(): float
    {
        return 1 - substr_count($this->areas, "\0") / max(1, \strlen($this->areas));
    }

    /** The places of a colour that lie in areas of it, and thin lines and type where they are few. */
    private static function held(string $mask, int $width): string
    {
        $within = self::opened($mask, $width);
        $many = substr_count($within, "\xff");

        return substr_count($mask, "\xff") - $many <= self::THIN * $many ? $mask : $within;
    }

    /** Areas at least three places wide, with their corners. */
    private static function opened(string $mask, int $width): string
    {
        $core = $mask & self::moved($mask, 1) & self::moved($mask, -1);
        $core &= self::moved($core, $width) & self::moved($core, -$width);

        return self::grown($core, $width, 2) & $mask;
    }

    private static function grown(string $mask, int $width, int $by): string
    {
        for ($k = 0; $k < $by; ++$k) {
            $mask |= self::moved($mask, 1) | self::moved($mask, -1);
            $mask |= self::moved($mask, $width) | self::moved($mask, -$width);
        }

        return $mask;
    }

    private static function moved(string $mask, int $by): string
    {
        $blank = str_repeat("\0", min(abs($by), \strlen($mask)));

        return $by > 0 ? substr($blank.$mask, 0, \strlen($mask)) : substr($mask, -$by).$blank;
    }

    /**
     * @param Planes     $channels
     * @param list<Srgb> $flats
     *
     * @return array<int, array{int, float, int}>
     */
    private static function edges(array $channels, string $areas, int $width, array $flats, int $reach): array
    {
        $all = implode('', array_map(\chr(...), range(0, 255)));
        $in = strtr($areas, $all, "\0".str_repeat("\xff", 255));
        $beside = self::grown($in, $width, $reach) & ~$in;
        $ring = self::ring($reach);
        $high = intdiv(\strlen($areas), $width);
        $edges = [];
        for ($at = strpos($beside, "\xff"); $at !== false; $at = strpos($beside, "\xff", $at + 1)) {
            [$x, $y] = [$at % $width, intdiv($at, $width)];
            [$area, $towards, $first] = [null, [0.0, 0.0], [0.0, 0.0]];
            foreach ($ring as [$dx, $dy, $far]) {
                [$u, $v] = [$x + $dx, $y + $dy];
                if ($u < 0 || $v < 0 || $u >= $width || $v >= $high || $areas[$v * $width + $u] === "\0") {
                    continue;
                }
                $here = \ord($areas[$v * $width + $u]) - 1;
                $first = $area === null ? [$dx / $far, $dy / $far] : $first;
                $area ??= $here;
                // All of it that is near tells where it lies, and not the one place that is met first.
                $towards = $here === $area ? [$towards[0] + $dx / $far ** 2, $towards[1] + $dy / $far ** 2] : $towards;
            }
            if ($area === null) {
                continue;
            }
            $length = hypot(...$towards);
            [$dx, $dy] = $length > self::TOLD ? [$towards[0] / $length, $towards[1] / $length] : $first;
            // The other side lies on the other hand: the first place there that is no edge itself.
            $rest = $at;
            for ($away = $reach; $away <= $reach + self::FURTHER; ++$away) {
                $rest = min($high - 1, max(0, (int) round($y - $dy * $away))) * $width + min($width - 1, max(0, (int) round($x - $dx * $away)));
                if ($areas[$rest] !== "\0" || $beside[$rest] === "\0") {
                    break;
                }
            }
            $edges[$at] = [$area, self::part($channels, $at, $flats[$area], $rest), $rest];
        }

        return $edges;
    }

    /**
     * How much of a flat colour a place at its edge has, the rest being as another place is.
     *
     * @param Planes $channels
     */
    private static function part(array $channels, int $at, Srgb $flat, int $rest): float
    {
        [$dot, $square] = [0.0, 0.0];
        foreach ([$flat->red, $flat->green, $flat->blue] as $c => $code) {
            $other = \ord($channels[$c][$rest]);
            $dot += (\ord($channels[$c][$at]) - $other) * ($code - $other);
            $square += ($code - $other) ** 2;
        }

        return $square < self::APART ** 2 ? 0.0 : max(0.0, min(1.0, $dot / $square));
    }

    /** @return list<array{int, int, float}> places round one, the nearest first, with how far each is */
    private static function ring(int $reach): array
    {
        $ring = [];
        for ($dy = -$reach; $dy <= $reach; ++$dy) {
            for ($dx = -$reach; $dx <= $reach; ++$dx) {
                if ($dx !== 0 || $dy !== 0) {
                    $ring[] = [$dx, $dy, hypot($dx, $dy)];
                }
            }
        }
        usort($ring, static fn (array $a, array $b): int => $a[2] <=> $b[2]);

        return $ring;
    }
}
