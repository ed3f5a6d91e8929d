<?php

declare(strict_types=1);

namespace Ektype\App\Demo;

/** The art of the demo jobs that are printed or being printed, drawn by this script for Ektype and for nothing else. */
final class DemoRunArt
{
    /** Two inks on dark navy: an oar over a wave. */
    public static function relayDay(): string
    {
        $pale = '#f0e4ba';
        $rust = '#b5482f';
        $waves = '';
        foreach ([150, 172, 194] as $i => $y) {
            $waves .= \sprintf('<path fill="none" stroke="%s" stroke-width="9" stroke-linecap="round" d="M%d %d c20 -22 40 -22 60 0 s40 22 60 0 s40 -22 60 0"/>', $i === 1 ? $rust : $pale, 30 + 12 * $i, $y);
        }

        return '<svg xmlns="http://www.w3.org/2000/svg" viewBox="0 0 260 240">'
            .'<path fill="'.$rust.'" d="M28 132 L188 34 L196 46 L36 144 Z"/>'
            .'<path fill="'.$pale.'" d="M182 42 C200 14 232 6 244 14 C250 26 234 50 200 62 Z"/>'
            .'<path fill="'.$rust.'" d="M202 36 L232 20 L226 30 L204 46 Z"/>'
            .$waves
            .Lettering::line('RELAY DAY', 130, 216, 18, 2.4, 1.7, colour: $pale).'</svg>';
    }

    /** Two inks on natural canvas: a paper lantern on its stick. */
    public static function lanternLane(): string
    {
        $amber = '#dc8a2c';
        $ink = '#31383d';
        $ribs = '';
        foreach ([-44, -22, 0, 22, 44] as $x) {
            $ribs .= \sprintf('<path fill="none" stroke="%s" stroke-width="3.2" d="M130 52 Q%d 110 130 168"/>', $ink, 130 + 2 * $x);
        }

        return '<svg xmlns="http://www.w3.org/2000/svg" viewBox="0 0 260 260">'
            .'<path fill="'.$amber.'" d="M130 52 C230 52 230 168 130 168 C30 168 30 52 130 52 Z"/>'.$ribs
            .'<path fill="'.$ink.'" d="M108 42 h44 v12 h-44 Z M108 166 h44 v12 h-44 Z M126 10 h8 v32 h-8 Z"/>'
            .Lettering::line('LANTERN LANE', 130, 206, 20, 2.4, 1.7, colour: $ink).'</svg>';
    }
}
