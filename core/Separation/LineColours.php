<?php

declare(strict_types=1);

namespace Ektype\Core\Separation;

use Ektype\Core\Art\ArtRaster;
use Ektype\Core\Colour\Ciede2000;
use Ektype\Core\Colour\Lab;
use Ektype\Core\Colour\Srgb;

/**
 * Colours that live only in thin strokes: a line under about three pixels has no flat inside to vote. Its colour is the
 * extreme along its ridge. Rows and columns are walked; where a few unclear pixels lie between two clear colours, the one
 * that is furthest from any mixture of its two sides is a pixel of a ridge. Smoothed edges lie on the line between their
 * sides in colour and give none.
 */
final class LineColours
{
    /** Pixels between two clear sides at the most: what is wider has an inside of its own. */
    private const WIDEST = 7;
    /** Off the line between its sides by this much it is no edge, of 255; and in a compressed picture (heuristic). */
    private const OFF = 30.0;
    private const OFF_NOISY = 48.0;
    /** In a compressed picture colour is smeared over its neighbours: only what is darker or lighter than both sides counts, L*. */
    private const BEYOND = 14.0;
    /** A colour this near one that is known is that one, ΔE00 (heuristic). */
    private const KNOWN = 7.0;
    private const KNOWN_NOISY = 11.0;
    /** Towards the same colour: cosine of the angle between two ways from the side (heuristic). */
    private const SAME_WAY = 0.94;
    /** Share of the pixels walked that must be ridge, and how many at the least (heuristic). */
    private const LEAST_SHARE = 1.0e-4;
    private const LEAST = 14;
    /** The same where hardly any of the ridge is wholly covered, so that it is less sure. */
    private const LEAST_SHARE_UNSURE = 6.0e-4;
    /** Share of a ridge that must have its full colour to be sure (heuristic). */
    private const SURE = 0.4;
    private const WALKED = 2_400_000;
    private const KEPT = 40_000;
    private const MOST_NEW = 6;
    /** Within this of a clear colour a pixel of a compressed picture is clear, of 255. */
    private const CLEAR_NOISY = 26.0;

    /** @var array<int, int> owner by colour, -1 where it is none’s */
    private array $owners = [];
    /** @var list<Ridge> */
    private array $ridges = [];
    private int $walked = 0;
    private int $seen = 0;

    /** @param non-empty-list<PaletteColour> $known */
    private function __construct(private readonly array $known, private readonly bool $noisy)
    {
    }

    /**
     * @param list<PaletteColour> $known the flat colours
     *
     * @return list<PaletteColour> further ones, with their shares as far as they can be told
     */
    public static function beside(array $known, ArtRaster $art, bool $noisy): array
    {
        if ($known === [] || $art->width < 16 || $art->height < 16) {
            return [];
        }
        $self = new self($known, $noisy);
        $step = max(1, (int) ceil(2 * $art->width * $art->height / self::WALKED));
        for ($y = intdiv($step, 2); $y < $art->height; $y += $step) {
            $self->walk(substr($art->rgb, 3 * $y * $art->width, 3 * $art->width));
        }
        for ($x = intdiv($step, 2); $x < $art->width; $x += $step) {
            $column = [];
            for ($at = 3 * $x, $end = \strlen($art->rgb); $at < $end; $at += 3 * $art->width) {
                $column[] = substr($art->rgb, $at, 3);
            }
            $self->walk(implode('', $column));
        }

        return $self->found();
    }

    /** @param string $line three bytes a pixel */
    private function walk(string $line): void
    {
        $count = intdiv(\strlen($line), 3);
        $this->walked += $count;
        // Where a pixel equals the one before, its owner does too: long even stretches are passed in one step.
        $changed = $line ^ (substr($line, 0, 3).substr($line, 0, -3));
        $side = -1;
        $from = 0;
        $x = 0;
        while ($x < $count) {
            $owner = $this->owner($line, $x);
            if ($owner >= 0) {
                $between = $x - $from;
                if ($side >= 0 && $between >= 1 && $between <= self::WIDEST) {
                    $this->between($line, $from, $x, $side, $owner);
                }
                $side = $owner;
                $x += 1 + intdiv(strspn($changed, "\0", 3 * $x + 3), 3);
                $from = $x;
            } else {
                ++$x;
            }
        }
    }

    private function owner(string $line, int $x): int
    {
        $red = \ord($line[3 * $x]);
        $green = \ord($line[3 * $x + 1]);
        $blue = \ord($line[3 * $x + 2]);
        $key = $this->noisy ? ($red >> 2) << 12 | ($green >> 2) << 6 | $blue >> 2 : $red << 16 | $green << 8 | $blue;
        if (isset($this->owners[$key])) {
            return $this->owners[$key];
        }
        $best = $this->noisy ? self::CLEAR_NOISY : 4.0;
        $owner = -1;
        foreach ($this->known as $i => $one) {
            $off = self::far($red - $one->colour->red, $green - $one->colour->green, $blue - $one->colour->blue);
            if ($off < $best) {
                $best = $off;
                $owner = $i;
            }
        }

        return $this->owners[$key] = $owner;
    }

    /** Of the pixels from one clear side to the other, the one furthest from any mixture of the two. */
    private function between(string $line, int $from, int $to, int $left, int $right): void
    {
        $one = $this->known[$left]->colour;
        $two = $this->known[$right]->colour;
        [$dr, $dg, $db] = [$two->red - $one->red, $two->green - $one->green, $two->blue - $one->blue];
        $length = $dr * $dr + 2 * $dg * $dg + 0.5 * $db * $db;
        $furthest = $this->noisy ? self::OFF_NOISY : self::OFF;
        $ridge = null;
        if ($to - $from === 1 && $left !== $right) {
            // Two shapes that were smoothed each by itself let what lies below shine through their seam: no stroke.
            return;
        }
        for ($x = $from; $x < $to; ++$x) {
            $r = \ord($line[3 * $x]) - $one->red;
            $g = \ord($line[3 * $x + 1]) - $one->green;
            $b = \ord($line[3 * $x + 2]) - $one->blue;
            $share = $length < 1 ? 0.0 : max(0.0, min(1.0, ($r * $dr + 2 * $g * $dg + 0.5 * $b * $db) / $length));
            $off = self::far($r - $share * $dr, $g - $share * $dg, $b - $share * $db);
            if ($off > $furthest) {
                $furthest = $off;
                $ridge = $x;
            }
        }
        if ($ridge === null) {
            return;
        }
        $colour = new Srgb(\ord($line[3 * $ridge]), \ord($line[3 * $ridge + 1]), \ord($line[3 * $ridge + 2]));
        if ($this->noisy) {
            $l = Lab::of($colour)->l;
            [$a, $b] = [$this->known[$left]->lab->l, $this->known[$right]->lab->l];
            if ($l > min($a, $b) - self::BEYOND && $l < max($a, $b) + self::BEYOND) {
                return;
            }
        }
        ++$this->seen;
        if (\count($this->ridges) < self::KEPT) {
            $this->ridges[] = new Ridge($colour, $one, self::far($colour->red - $one->red, $colour->green - $one->green, $colour->blue - $one->blue));
        }
    }

    /** @return list<PaletteColour> */
    private function found(): array
    {
        $new = [];
        $left = $this->ridges;
        $scale = $left === [] ? 1.0 : $this->seen / \count($left);
        $least = max(self::LEAST, self::LEAST_SHARE * $this->walked);
        for ($round = 0; $round < 3 * self::MOST_NEW && \count($new) < self::MOST_NEW && $scale * \count($left) >= $least; ++$round) {
            $seed = self::seed($left);
            [$with, $left] = self::parted($left, $seed);
            [$colour, $sure] = $this->extreme($with);
            $enough = max(self::LEAST, ($sure ? self::LEAST_SHARE : self::LEAST_SHARE_UNSURE) * $this->walked);
            if ($scale * \count($with) >= $enough && !$this->isKnown($colour, $seed->side, $new)) {
                $new[] = new PaletteColour($colour, 2 * $scale * \count($with) / max(1, $this->walked));
            }
        }

        return $new;
    }

    /**
     * The ridge whose colour most others have, the purer the more.
     *
     * @param non-empty-list<Ridge>|list<Ridge> $ridges
     */
    private static function seed(array $ridges): Ridge
    {
        $weight = [];
        $purest = [];
        foreach ($ridges as $ridge) {
            $key = ($ridge->colour->red >> 5) << 6 | ($ridge->colour->green >> 5) << 3 | $ridge->colour->blue >> 5;
            $weight[$key] = ($weight[$key] ?? 0.0) + $ridge->off;
            if (!isset($purest[$key]) || $ridge->off > $purest[$key]->off) {
                $purest[$key] = $ridge;
            }
        }
        arsort($weight);

        return $purest[array_key_first($weight) ?? 0] ?? throw new \LogicException('There is a ridge at the least.');
    }

    /**
     * @param list<Ridge> $ridges
     *
     * @return array{list<Ridge>, list<Ridge>} those on the way from their own side to the seed's colour, and the others
     */
    private static function parted(array $ridges, Ridge $seed): array
    {
        $with = $others = [];
        foreach ($ridges as $ridge) {
            $way = self::way($ridge->side, $ridge->colour);
            $to = self::way($ridge->side, $seed->colour);
            $dot = $way[0] * $to[0] + $way[1] * $to[1] + $way[2] * $to[2];
            $lengths = sqrt(($way[0] ** 2 + $way[1] ** 2 + $way[2] ** 2) * ($to[0] ** 2 + $to[1] ** 2 + $to[2] ** 2));
            if ($lengths > 0 && $dot / $lengths >= self::SAME_WAY) {
                $with[] = $ridge;
            } else {
                $others[] = $ridge;
            }
        }

        return $with === [] ? [[$seed], array_values(array_filter($ridges, static fn (Ridge $r): bool => $r !== $seed))] : [$with, $others];
    }

    /**
     * The mean of those that lie furthest from their sides: thin strokes are never wholly covered but here and there.
     *
     * @param list<Ridge> $ridges
     *
     * @return array{Srgb, bool} and whether much of the ridge has it
     */
    private function extreme(array $ridges): array
    {
        usort($ridges, static fn (Ridge $a, Ridge $b): int => $b->off <=> $a->off);
        $from = $ridges[(int) (($this->noisy ? 0.02 : 0.003) * \count($ridges))]->off;
        [$red, $green, $blue, $count] = [0, 0, 0, 0];
        foreach ($ridges as $ridge) {
            if ($ridge->off < ($this->noisy ? 0.92 : 0.96) * $from) {
                break;
            }
            $red += $ridge->colour->red;
            $green += $ridge->colour->green;
            $blue += $ridge->colour->blue;
            ++$count;
        }

        return [
            new Srgb((int) round($red / $count), (int) round($green / $count), (int) round($blue / $count)),
            $count >= self::SURE * \count($ridges),
        ];
    }

    /**
     * Whether a ridge is only a thin stroke of a colour that is known, never wholly covered.
     *
     * @param list<PaletteColour> $new
     */
    private function isKnown(Srgb $colour, Srgb $side, array $new): bool
    {
        $lab = Lab::of($colour);
        foreach ([...$this->known, ...$new] as $one) {
            if (Ciede2000::between($lab, $one->lab) < ($this->noisy ? self::KNOWN_NOISY : self::KNOWN)) {
                return true;
            }
            [$dr, $dg, $db] = self::way($side, $one->colour);
            [$r, $g, $b] = self::way($side, $colour);
            $length = $dr * $dr + 2 * $dg * $dg + 0.5 * $db * $db;
            $share = $length < 1 ? 0.0 : ($r * $dr + 2 * $g * $dg + 0.5 * $b * $db) / $length;
            if ($share > 0.1 && $share < 0.95 && self::far($r - $share * $dr, $g - $share * $dg, $b - $share * $db) < self::OFF * 0.7) {
                return true;
            }
        }

        return false;
    }

    /** @return array{int, int, int} */
    private static function way(Srgb $from, Srgb $to): array
    {
        return [$to->red - $from->red, $to->green - $from->green, $to->blue - $from->blue];
    }

    /** Green counts most, as the eye has it. */
    private static function far(float $red, float $green, float $blue): float
    {
        return sqrt($red * $red + 2 * $green * $green + 0.5 * $blue * $blue);
    }
}
