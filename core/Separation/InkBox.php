<?php

declare(strict_types=1);

namespace Ektype\Core\Separation;

use Ektype\Core\Art\ArtFraming;
use Ektype\Core\Colour\Lab;
use Ektype\Core\Colour\Srgb;

/**
 * The part of a picture that has ink. What is clear round it, or the paper that it was drawn on, is no part of the print:
 * marks and film stand round the ink.
 */
final class InkBox
{
    /** Empty ground narrower than this on every side is left as it is, share of the side (heuristic). */
    private const WORTH = 0.01;
    /** Paper wavers by so many steps of a channel and is paper still (heuristic). */
    private const PAPER_WAVERS = 24;

    /**
     * @param string $ink one byte a pixel, row by row: zero where there is no ink
     *
     * @return ArtFraming one pixel beyond the ink, whose edge may lie within it; the whole where hardly anything is empty
     */
    public static function of(string $ink, int $width, int $height): ArtFraming
    {
        [$left, $right, $top, $bottom] = [$width, -1, -1, -1];
        for ($y = 0; $y < $height; ++$y) {
            $row = substr($ink, $y * $width, $width);
            $first = strspn($row, "\0");
            if ($first === $width) {
                continue;
            }
            $top = $top < 0 ? $y : $top;
            $bottom = $y;
            $left = min($left, $first);
            $right = max($right, \strlen(rtrim($row, "\0")) - 1);
        }
        if ($top < 0) {
            return new ArtFraming();
        }
        $from = [max(0, $left - 1) / $width, max(0, $top - 1) / $height];
        $to = [min($width, $right + 2) / $width, min($height, $bottom + 2) / $height];

        return max($from[0], $from[1], 1 - $to[0], 1 - $to[1]) < self::WORTH
            ? new ArtFraming()
            : new ArtFraming($from[0], $from[1], $to[0] - $from[0], $to[1] - $from[1]);
    }

    /**
     * Ink on paper: all that differs from a border that is paper white nearly all the way round; all is ink where there is
     * no such border.
     *
     * @param string $rgb three bytes a pixel, row by row
     *
     * @return string one byte a pixel, zero where it is paper
     */
    public static function onPaper(string $rgb, int $width, int $height): string
    {
        $all = str_repeat("\1", $width * $height);
        $pixel = static fn (int $x, int $y): string => substr($rgb, 3 * ($y * $width + $x), 3);
        $border = [];
        for ($x = 0; $x < $width; ++$x) {
            array_push($border, $pixel($x, 0), $pixel($x, $height - 1));
        }
        for ($y = 1; $y < $height - 1; ++$y) {
            array_push($border, $pixel(0, $y), $pixel($width - 1, $y));
        }
        sort($border);
        $paper = $border[intdiv(\count($border), 2)];
        $near = array_filter($border, static fn (string $one): bool => self::isNear($one, $paper));
        [$r, $g, $b] = array_map(\ord(...), str_split($paper));
        if (\count($near) < Ground::BORDER_SHARE * \count($border) || Lab::of(new Srgb($r, $g, $b))->l < Ground::PAPER_LIGHTNESS) {
            return $all;
        }
        $ink = '';
        foreach (str_split($rgb, 3) as $one) {
            $ink .= self::isNear($one, $paper) ? "\0" : "\1";
        }

        return $ink;
    }

    private static function isNear(string $one, string $paper): bool
    {
        return $one === $paper || (abs(\ord($one[0]) - \ord($paper[0])) <= self::PAPER_WAVERS
            && abs(\ord($one[1]) - \ord($paper[1])) <= self::PAPER_WAVERS
            && abs(\ord($one[2]) - \ord($paper[2])) <= self::PAPER_WAVERS);
    }
}
