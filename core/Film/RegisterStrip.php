<?php

declare(strict_types=1);

namespace Ektype\Core\Film;

use Ektype\Core\Unit\Point;

/**
 * A target for each plate round the key’s, in three corners, so that every plate can be read from one print, by eye or from a
 * scan. In each corner the key prints a spot, by which the corner is found, and a ring for each other plate; the plate prints a
 * cross into its own ring. Three corners tell which way up a scan lies. Where there is room, lines a tenth of a millimetre
 * closer than the key’s tell tenths to the eye, and eight dots of the key tell whose films they are.
 *
 * @phpstan-import-type Rectangle from FilmSheet
 */
final readonly class RegisterStrip
{
    public const RING_MM = 2.0;
    public const RING_LINE_MM = 0.3;
    /** Half the length of a cross’s arm, and its width: holds on any mesh and is clear of the ring by 0.75 mm. */
    public const CROSS_MM = 1.1;
    public const CROSS_LINE_MM = 0.3;
    public const SPOT_MM = 1.5;
    /** The key’s lines of the vernier, a plate’s, and how many on each side of the middle. */
    public const VERNIER_KEY_MM = 1.0;
    public const VERNIER_PLATE_MM = 0.9;
    public const VERNIER_LINES = 5;
    public const BITS = 8;
    public const BIT_MM = 1.0;
    private const LEAST_BITS = 3;
    private const MARK_OFF_MM = 8.0;
    private const FIRST_MM = 8.5;
    private const PITCH_MM = 6.0;
    /** What a target needs on each side of its middle. */
    private const ROOM_MM = 2.65;
    /** From the middle of the print: the top mark and the black square beside it. */
    private const MIDDLE_MM = 12.0;
    private const LINE_MM = 0.25;
    private const LONG_MM = [2.2, 3.0];
    private const BLOCK_MM = 11.0;
    private const APART_MM = 2.0;
    private const BIT_PITCH_MM = 1.6;
    /** Name, and which side of the print it lies on: right, up. */
    private const CORNERS = [['top left', -1, 1], ['top right', 1, 1], ['bottom right', 1, -1]];

    /** @var list<RegisterSlot> */
    public array $slots;
    /** @var array<string, Point> the key’s spot in each corner */
    public array $spots;
    /** @var list<Point> middles of the eight dots; empty where there is no room for them */
    public array $dots;

    /**
     * @param int $code of the set, 0 to 255
     */
    private function __construct(private FilmSheet $sheet, public int $plates, public int $code)
    {
        $slots = $spots = [];
        [$x, $y] = self::corner($sheet);
        foreach (self::CORNERS as [$name, $right, $up]) {
            $at = static fn (int $i): Point => $i < self::across($sheet)
                ? new Point($right * ($x - self::FIRST_MM - $i * self::PITCH_MM), $up * $y)
                : new Point($right * $x, $up * ($y - self::FIRST_MM - ($i - self::across($sheet)) * self::PITCH_MM));
            $spots[$name] = $at(0);
            for ($plate = 1; $plate < $plates; ++$plate) {
                $slots[] = new RegisterSlot($name, $plate, $at($plate));
            }
        }
        $this->slots = $slots;
        $this->spots = $spots;
        $this->dots = self::bits($x, $y - self::FIRST_MM - max(0, $plates - self::across($sheet)) * self::PITCH_MM);
    }

    /**
     * @param list<string> $plates names in print order, the key first
     *
     * @return self|null null where one plate needs none, or the print is too small to have it beside it
     */
    public static function on(FilmSheet $sheet, array $plates): ?self
    {
        $count = \count($plates);
        if ($count < 2 || self::across($sheet) < 1 || self::across($sheet) + self::down($sheet) < $count) {
            return null;
        }
        $size = \sprintf('%.0f × %.0f', $sheet->mm($sheet->artWidthPx), $sheet->mm($sheet->artHeightPx));

        $code = crc32($size.'|'.implode('|', $plates)) & 0xFF;
        // A few dots at least, or bare cloth would tell a code.
        while (substr_count(decbin($code), '1') < self::LEAST_BITS) {
            $code = (5 * $code + 0x6B) & 0xFF;
        }

        return new self($sheet, $count, $code);
    }

    /** What a plate prints of it. */
    public function of(int $plate): StripShapes
    {
        $blacks = $rings = [];
        foreach ($this->slots as $slot) {
            $at = $this->sheet->onFilm($slot->at->xMm, $slot->at->yMm);
            if ($plate === 0) {
                $rings[] = [$at->xMm, $at->yMm, self::RING_MM, self::RING_LINE_MM];
            } elseif ($slot->plate === $plate) {
                [$arm, $line] = [self::CROSS_MM, self::CROSS_LINE_MM];
                $blacks[] = [$at->xMm - $arm, $at->yMm - $line / 2, 2 * $arm, $line];
                $blacks[] = [$at->xMm - $line / 2, $at->yMm - $arm, $line, 2 * $arm];
            }
        }
        if ($plate === 0) {
            foreach ($this->spots as $spot) {
                $at = $this->sheet->onFilm($spot->xMm, $spot->yMm);
                $rings[] = [$at->xMm, $at->yMm, self::SPOT_MM / 2, self::SPOT_MM];
            }
            foreach ($this->dots as $i => $dot) {
                if (($this->code >> $i & 1) === 1) {
                    $at = $this->sheet->onFilm($dot->xMm, $dot->yMm);
                    $blacks[] = [$at->xMm - self::BIT_MM / 2, $at->yMm - self::BIT_MM / 2, self::BIT_MM, self::BIT_MM];
                }
            }
        }

        return new StripShapes([...$blacks, ...$this->lines($plate)], $rings);
    }

    /**
     * The plates whose lines tell tenths, each with the middles of its two blocks: to the right, and away.
     *
     * @return array<int, array{Point, Point}> by plate, from the centre of the print
     */
    public function verniers(): array
    {
        [$x, $y] = self::corner($this->sheet);
        $top = $y - self::FIRST_MM - max(0, $this->plates - self::across($this->sheet)) * self::PITCH_MM;
        $verniers = [];
        for ($plate = 1; $plate < $this->plates; ++$plate) {
            // Across first, then along; neither over the tick at the middle of the edge.
            [$high, $long] = [2 * self::LONG_MM[1], self::BLOCK_MM];
            $from = $top - self::APART_MM;
            $across = $from > -1 && $from - $high < 1 ? -1.5 : $from;
            $along = $across - $high - self::APART_MM;
            if ($along - $long < -$y + self::FIRST_MM) {
                break;
            }
            $verniers[$plate] = [new Point(-$x, $across - $high / 2), new Point(-$x, $along - $long / 2)];
            $top = $along - $long;
        }

        return $verniers;
    }

    /** @return list<Rectangle> */
    private function lines(int $plate): array
    {
        $lines = [];
        foreach ($this->verniers() as $of => [$across, $along]) {
            if ($plate !== 0 && $plate !== $of) {
                continue;
            }
            $pitch = $plate === 0 ? self::VERNIER_KEY_MM : self::VERNIER_PLATE_MM;
            $right = $this->sheet->onFilm($across->xMm, $across->yMm);
            $up = $this->sheet->onFilm($along->xMm, $along->yMm);
            for ($i = -self::VERNIER_LINES; $i <= self::VERNIER_LINES; ++$i) {
                $long = self::LONG_MM[$i === 0 ? 1 : 0];
                // The key’s lines end where the plate’s begin.
                $lines[] = [$right->xMm + $i * $pitch - self::LINE_MM / 2, $right->yMm - ($plate === 0 ? $long : 0.0), self::LINE_MM, $long];
                $lines[] = [$up->xMm - ($plate === 0 ? $long : 0.0), $up->yMm + $i * $pitch - self::LINE_MM / 2, $long, self::LINE_MM];
            }
        }

        return $lines;
    }

    /**
     * Between the two corners on the right.
     *
     * @return list<Point>
     */
    private static function bits(float $x, float $free): array
    {
        $half = (self::BITS - 1) / 2 * self::BIT_PITCH_MM;
        if ($half + self::BIT_MM + self::APART_MM > $free) {
            return [];
        }

        return array_map(static fn (int $i): Point => new Point($x, $half - $i * self::BIT_PITCH_MM), range(0, self::BITS - 1));
    }

    /** @return array{float, float} middle of the mark in the corner at the top right */
    private static function corner(FilmSheet $sheet): array
    {
        return [$sheet->mm($sheet->artWidthPx) / 2 + self::MARK_OFF_MM, $sheet->mm($sheet->artHeightPx) / 2 + self::MARK_OFF_MM];
    }

    /** How many targets stand beside each other from a corner inwards. */
    private static function across(FilmSheet $sheet): int
    {
        return self::fit(self::corner($sheet)[0] - self::MIDDLE_MM);
    }

    /** And how many below each other, up to the middle of the side. */
    private static function down(FilmSheet $sheet): int
    {
        return self::fit(self::corner($sheet)[1] - self::APART_MM);
    }

    private static function fit(float $room): int
    {
        return max(0, 1 + (int) floor(($room - self::FIRST_MM - self::ROOM_MM) / self::PITCH_MM));
    }
}
