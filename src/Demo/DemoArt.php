<?php

declare(strict_types=1);

namespace Ektype\App\Demo;

/** The art of the demo jobs, drawn by this script for Ektype and for nothing else. */
final class DemoArt
{
    public const NAVY = '#1b2440';
    public const BLACK = '#131315';
    public const WHITE = '#f5f4f0';
    public const PAPER = '#f4efe2';
    public const CANVAS = '#e6dcc4';
    /** Clear acrylic on a white bench. */
    public const ACRYLIC = '#eef2f2';
    public const BRICK = '#8f3a30';

    /** Four inks on dark navy: a moth before the moon. What shows the cloth is drawn in the cloth's colour. */
    public static function nightMoth(): string
    {
        $straw = '#f0e4ba';
        $amber = '#dc8a2c';
        $rust = '#b5482f';
        $sage = '#8fb3a2';
        $navy = self::NAVY;
        $wing = <<<SVG
            <path fill="$amber" d="M147 104 C160 66 196 38 246 40 C276 41 294 58 290 84 C285 114 250 136 208 137 C180 138 158 130 149 118 Z"/>
            <path fill="none" stroke="$sage" stroke-width="6" d="M276 92 C262 114 232 126 204 127 C190 127.500 176 125 166 120"/>
            <path fill="none" stroke="$navy" stroke-width="2.200" stroke-linecap="round" d="M158 104 C178 74 208 58 246 55 M161 112 C184 92 214 80 262 80 M196 62 C203 50 214 45 228 44"/>
            <circle cx="226" cy="84" r="18" fill="$straw"/><circle cx="226" cy="84" r="12.500" fill="$rust"/><circle cx="226" cy="84" r="7.500" fill="$navy"/><circle cx="229.500" cy="80.500" r="2.200" fill="$straw"/>
            <path fill="$rust" d="M150 126 C170 140 206 142 226 158 C244 174 240 206 216 215 C190 224 164 196 154 160 Z"/>
            <path fill="none" stroke="$amber" stroke-width="5" d="M229 182 C226 198 214 207 200 205 C188 203 177 192 169 178"/>
            <circle cx="202" cy="174" r="9" fill="$straw"/><circle cx="202" cy="174" r="4" fill="$navy"/>
            <path fill="none" stroke="$navy" stroke-width="2.200" stroke-linecap="round" d="M160 148 C170 158 180 164 190 166"/>
            <path fill="none" stroke="$navy" stroke-width="3.400" stroke-linecap="round" d="M148 96 C150 74 160 56 180 48"/>
            <path fill="none" stroke="$navy" stroke-width="1.600" stroke-linecap="round" d="M152 80 L159 83 M155 72 L162 76 M160 64 L167 69 M166 57 L172 62 M149.800 86 L156 90"/>
            SVG;
        $stars = '';
        foreach ([
            [20, 30, 3.0],
            [38, 196, 2.2],
            [12, 128, 1.8],
            [258, 212, 2.6],
            [276, 24, 2.2],
            [278, 150, 1.8],
            [52, 16, 1.6],
        ] as [$x, $y, $r]) {
            $stars .= \sprintf(
                '<path fill="%s" d="M%F %F L%F %F L%F %F L%F %F Z"/>',
                $sage,
                $x,
                $y - 2 * $r,
                $x + $r,
                $y,
                $x,
                $y + 2 * $r,
                $x - $r,
                $y,
            );
        }

        return self::page(290, 312, \sprintf(
            '<circle cx="145" cy="120" r="102" fill="%s"/>%s<g>%s</g><g transform="translate(290 0) scale(-1 1)">%s</g>'
            .'<path fill="%s" d="M145 92 C154 92 157 104 155 122 C153 150 150 186 145 198 C140 186 137 150 135 122 C133 104 136 92 145 92 Z"/>'
            .'<path fill="none" stroke="%s" stroke-width="2" d="M138.500 134 L151.500 134 M139.300 146 L150.700 146 M140.200 158 L149.800 158 M141.200 170 L148.800 170"/>%s%s',
            $straw,
            $stars,
            $wing,
            $wing,
            $navy,
            $amber,
            Lettering::line('NIGHT MOTH', 145, 243, 29, 2.4, 2.1, colour: $straw),
            Lettering::line('COUNT', 145, 289, 17, 7.0, 2.0, colour: $amber),
        ));
    }

    /** Two inks on natural canvas: a plum and an ear of rye. */
    public static function plumAndRye(): string
    {
        $plum = '#5f2747';
        $rye = '#a8742f';
        $grains = '';
        for ($i = 0; $i < 9; ++$i) {
            $y = 40 + $i * 15;
            foreach ([1, -1] as $side) {
                $grains .= \sprintf(
                    '<path fill="%s" d="M%F %F C%F %F %F %F %F %F C%F %F %F %F %F %F Z"/>',
                    $rye,
                    176,
                    $y + 12,
                    176 + $side * 4,
                    $y - 2,
                    176 + $side * 14,
                    $y - 8,
                    176 + $side * 19,
                    $y - 14,
                    176 + $side * 21,
                    $y,
                    176 + $side * 13,
                    $y + 12,
                    176,
                    $y + 12,
                );
                $grains .= \sprintf(
                    '<path fill="none" stroke="%s" stroke-width="1.200" stroke-linecap="round" d="M%F %F L%F %F"/>',
                    $rye,
                    176 + $side * 19,
                    $y - 14,
                    176 + $side * 27,
                    $y - 36,
                );
            }
        }

        return self::page(240, 260, \sprintf(
            '<path fill="%1$s" d="M84 58 C122 46 146 74 144 112 C142 154 116 184 82 182 C46 180 24 150 26 112 C28 78 52 54 84 58 Z"/>'
            .'<path fill="none" stroke="%3$s" stroke-width="3.500" stroke-linecap="round" d="M86 64 C76 92 76 138 88 172 M50 92 C44 106 43 122 47 138"/>'
            .'<path fill="none" stroke="%2$s" stroke-width="4" stroke-linecap="round" d="M84 60 C84 44 90 30 102 20"/>'
            .'<path fill="%2$s" d="M90 44 C104 22 130 18 146 28 C136 46 112 56 90 44 Z"/>%4$s'
            .'<path fill="none" stroke="%2$s" stroke-width="3" d="M176 44 L176 196"/>%5$s',
            $plum,
            $rye,
            self::CANVAS,
            $grains,
            Lettering::line('PLUM & RYE', 120, 214, 24, 2.6, 1.7, colour: $plum),
        ));
    }

    /** An instrument face on clear acrylic: fine ticks and small type in slate, a red hand and a blue field. */
    public static function weatherDial(): string
    {
        $slate = '#31383d';
        $red = '#c2362f';
        $blue = '#2f6fa8';
        $ticks = '';
        for ($i = 0; $i <= 120; ++$i) {
            $angle = deg2rad(-225 + $i * 2.25);
            $inner = $i % 10 === 0 ? 64 : ($i % 5 === 0 ? 68 : 71);
            $ticks .= \sprintf(
                '<path stroke="%s" stroke-width="%s" d="M%.3F %.3F L%.3F %.3F"/>',
                $slate,
                $i % 10 === 0 ? '1.1' : ($i % 5 === 0 ? '0.5' : '0.25'),
                90 + $inner * cos($angle),
                90 + $inner * sin($angle),
                90 + 75 * cos($angle),
                90 + 75 * sin($angle),
            );
        }
        $words = '';
        foreach (['STORM', 'RAIN', 'CHANGE', 'FAIR', 'DRY'] as $i => $word) {
            $angle = deg2rad(-180 + $i * 45);
            $words .= Lettering::line($word, 90 + 37 * cos($angle), 88 + 40 * sin($angle), 4.2, 1.6, 1.0, colour: $slate);
        }
        $arc = static fn (float $r, float $from, float $to): string => \sprintf(
            'M%.3F %.3F A%.3F %.3F 0 0 1 %.3F %.3F',
            90 + $r * cos(deg2rad($from)),
            90 + $r * sin(deg2rad($from)),
            $r,
            $r,
            90 + $r * cos(deg2rad($to)),
            90 + $r * sin(deg2rad($to)),
        );

        return self::page(180, 180, \sprintf(
            '<g fill="none"><circle cx="90" cy="90" r="84" stroke="%1$s" stroke-width="2.4"/><circle cx="90" cy="90" r="80.5" stroke="%1$s" stroke-width="0.3"/>%4$s'
            .'<path stroke="%3$s" stroke-width="7" d="%5$s"/><path stroke="%2$s" stroke-width="7" d="%6$s"/></g>'
            .'<path fill="%2$s" d="M88.2 92 L90 32 L91.800 92 Z" transform="rotate(38 90 90)"/><circle cx="90" cy="90" r="6" fill="%1$s"/><circle cx="90" cy="90" r="2.200" fill="%2$s"/>%7$s%8$s%9$s',
            $slate,
            $red,
            $blue,
            $ticks,
            $arc(58, 135, 225),
            $arc(58, -45, 45),
            $words,
            Lettering::line('WEATHER DIAL', 90, 122, 7, 2.0, 1.1, colour: $slate),
            Lettering::line('MILLIBARS AT THE HARBOUR WALL', 90, 134, 2.8, 1.8, 0.9, colour: $slate),
        ));
    }

    private static function page(int $width, int $height, string $content): string
    {
        return \sprintf(
            '<svg xmlns="http://www.w3.org/2000/svg" width="%1$d" height="%2$d" viewBox="0 0 %1$d %2$d">%3$s</svg>'."\n",
            $width,
            $height,
            $content,
        );
    }
}
