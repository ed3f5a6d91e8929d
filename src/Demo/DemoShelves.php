<?php

declare(strict_types=1);

namespace Ektype\App\Demo;

use Ektype\App\Action\ShopFloor;
use Ektype\App\Action\Unrecorded;
use Ektype\App\Device\SimulatedNoise;
use Ektype\App\Shop\DarkRoom\DarkRoom;
use Ektype\App\Shop\Dryer\ShopDryer;
use Ektype\App\Shop\Emulsion\Emulsion;
use Ektype\App\Shop\FilmPrinter\FilmPrinter;
use Ektype\App\Shop\Frame\Frame;
use Ektype\App\Shop\FrameLine\FrameLine;
use Ektype\App\Shop\Ink\Ink;
use Ektype\App\Shop\Lamp\Lamp;
use Ektype\App\Shop\OwnMesh\OwnMesh;
use Ektype\App\Shop\Press\Press;
use Ektype\App\Shop\Press\PressKind;
use Ektype\App\Shop\Stencil\Stencil;
use Ektype\App\Shop\StepTest\StepTest;
use Ektype\App\Shop\TensionReading\TensionReading;
use Ektype\Core\Exposure\EmulsionKind;
use Ektype\Core\Exposure\LampKind;
use Ektype\Core\Exposure\SinkCheck;
use Ektype\Core\Film\FilmMedium;
use Ektype\Core\Ink\InkKind;
use Ektype\Core\Lamp\Contact;
use Ektype\Core\Registration\Knob;
use Ektype\Core\Screen\Coating;
use Ektype\Core\Screen\FrameState;
use Ektype\Core\Screen\StencilModel;
use Ektype\Core\Screen\StencilResists;
use Ektype\Core\Unit\Point;
use Random\Engine\Mt19937;
use Random\Randomizer;

/** Inks, frames, lamps, presses and months of step tests of the demo shop; every figure is made up, with a fixed seed;
 * days are counted back from today. */
final readonly class DemoShelves implements Unrecorded
{
    /** For paper and panels. */
    public const TABLE = 'Hinge table';
    private const INKS = [
        ['Base white', '#f6f4ee', 0.97], ['Top white', '#fdfdfb', 0.93], ['Straw', '#f0e4ba', 0.93], ['Lantern amber', '#dc8a2c', 0.92],
        ['Harbour rust', '#b5482f', 0.92], ['Sage', '#8fb3a2', 0.93], ['Signal red', '#cf2b25', 0.91], ['Bottle green', '#1f4e36', 0.94],
        ['Dusk blue', '#23489c', 0.93], ['Sky', '#6db3e4', 0.92], ['Plum', '#5f2747', 0.94], ['Rye brown', '#a8742f', 0.93],
        ['Slate', '#566069', 0.94], ['Black', '#12110f', 0.97],
    ];
    /** Transparent, as measured on white. */
    private const FOUR = [['Process yellow', '#fbe02a'], ['Process magenta', '#cd1a7c'], ['Process cyan', '#1593cf'], ['Process black', '#2b2a28']];

    /** threads per cm, thread µm, how many, inside width and height mm */
    private const FRAMES = [
        [43, 80, 2, 460, 560], [55, 64, 3, 460, 560], [61, 64, 2, 460, 560], [77, 55, 5, 460, 560], [90, 48, 4, 460, 560],
        [100, 40, 2, 460, 560], [120, 34, 3, 460, 560], [77, 55, 2, 360, 460], [48, 70, 2, 560, 760],
    ];

    /** The rest of the rack: coarse mesh for glitter, fine mesh for hard surfaces, odd sizes, some to be seen to. */
    private const MORE_FRAMES = [
        [32, 100, 2, 460, 560, [FrameState::Bare, FrameState::ToReclaim]], [
            49,
            70,
            2,
            460,
            560,
            [FrameState::Bare, FrameState::Bare],
        ], [64, 60, 1, 460, 560, [FrameState::ToStretch]], [71, 55, 2, 360, 460, [FrameState::Bare, FrameState::ToReclaim]],
        [110, 40, 2, 460, 560, [FrameState::Bare, FrameState::Bare]], [140, 34, 2, 360, 460, [FrameState::Bare, FrameState::ToReclaim]], [
            150,
            31,
            2,
            460,
            560,
            [FrameState::Bare, FrameState::Bare],
        ], [165, 31, 1, 360, 460, [FrameState::Bare]], [120, 34, 1, 560, 760, [FrameState::ToStretch]],
    ];
    private const OUTSIDE_MM = 40;
    /** How this shop's hand and edges differ from the usual, of the logarithm; what its gauge has found out. */
    private const TRUE_HAND = 0.13;
    private const TRUE_EMULSION = ['Harbour dual-cure' => -0.08, 'Quick photopolymer' => 0.05];

    public function carryOut(ShopFloor $shop): string
    {
        $random = new Randomizer(new Mt19937(20261123));
        foreach (self::INKS as [$name, $hex, $hiding]) {
            $shop->printing->inks->add(new Ink($name, $hex, InkKind::Plastisol, $hiding));
        }
        foreach (self::FOUR as [$name, $hex]) {
            $shop->printing->inks->add(new Ink($name, $hex, InkKind::Transparent, 0.1));
        }
        $number = 1;
        foreach (self::FRAMES as [$perCm, $thread, $count, $width, $height]) {
            for ($i = 0; $i < $count; ++$i) {
                $tension = round(23.5 - 0.4 * ($number % 7) + 1.6 * SimulatedNoise::normal($random), 1);
                $frame = new Frame((string) $number, $perCm, $thread, $perCm >= 77, $width, $height, tensionNPerCm: max(15.4, min(29.0, $tension)));
                $shop->screens->frames->add($frame);
                $this->aYearOfTension($shop, $frame, new Randomizer(new Mt19937(500 + $number)));
                ++$number;
            }
        }
        $this->moreFrames($shop, $number);
        $led = new Lamp('LED table', LampKind::Led, 410);
        $tubes = new Lamp('Old tube box', LampKind::Tubes, 2350);
        $dual = new Emulsion('Harbour dual-cure', EmulsionKind::DualCure);
        $fast = new Emulsion('Quick photopolymer', EmulsionKind::Photopolymer);
        [$dual->resists, $fast->resists] = [StencilResists::Both, StencilResists::Solvent];
        $dual->solidsPct = 40.0;
        $dual->mixedOn = self::back($shop, 28);
        $dual->potLifeDays = 42;
        $fast->solidsPct = 44.0;
        $fast->coatedLifeDays = 21;
        [$led->unitsPerS, $led->sourceMm] = [10.0, 300.0];
        [$tubes->startLossS, $tubes->sourceMm, $tubes->distanceMm, $tubes->contact] = [2.0, 480.0, 150.0, Contact::Foam];
        foreach ([$led, $tubes] as $lamp) {
            $shop->light->lamps->add($lamp);
        }
        foreach ([$dual, $fast] as $emulsion) {
            $shop->light->emulsions->add($emulsion);
        }
        $this->presses($shop);
        $shop->printing->filmPrinters->add(new FilmPrinter('Inkjet on clear film', 600, 610, null, 12, 3.2, scaleErrorXPct: 0.0, scaleErrorYPct: 0.15));
        $shop->printing->filmPrinters->add(new FilmPrinter('Old laser on vellum', 600, 297, 420, 12, 2.3, scaleErrorXPct: 0.1, scaleErrorYPct: 0.6, medium: FilmMedium::Vellum));
        $this->tests($shop, $random, $led, $tubes, $dual, $fast);
        // Meshes with their data sheets: woven cloth opens a little less than the formula on fine counts.
        foreach ([
            [48, 70, false, 135.0, 114.0],
            [90, 48, true, 61.0, 79.0],
            [120, 34, true, 46.0, 55.0],
        ] as [$perCm, $thread, $dyed, $opening, $thickness]) {
            $shop->screens->ownMeshes->add(new OwnMesh($perCm, $thread, $dyed, $opening, $thickness));
        }
        $shop->settle();
        foreach ($shop->screens->ownMeshes->all() as $own) {
            foreach ($shop->screens->frames->carrying($own->mesh()) as $frame) {
                $frame->carry($own->mesh());
            }
        }
        $this->pastStencils($shop, $led, $dual, $fast);
        $room = new DarkRoom();
        [$room->temperatureC, $room->humidityPct, $room->airMS, $room->readAt] = [
            23.0,
            46.0,
            0.6,
            $shop->now()->modify('-1 day')->setTime(7, 50),
        ];
        $shop->light->darkRooms->add($room);

        return 'The shelves of the demo shop';
    }

    private function moreFrames(ShopFloor $shop, int $number): void
    {
        $random = new Randomizer(new Mt19937(909));
        foreach (self::MORE_FRAMES as [$perCm, $thread, $count, $width, $height, $states]) {
            for ($i = 0; $i < $count; ++$i, ++$number) {
                $torn = $states[$i] === FrameState::ToStretch;
                $frame = new Frame(
                    (string) $number,
                    $perCm,
                    $thread,
                    $perCm >= 77,
                    $width,
                    $height,
                    tensionNPerCm: round($torn ? 14.2 - $i : 20.5 + 1.4 * SimulatedNoise::normal($random), 1),
                );
                $frame->state = $states[$i];
                $frame->stained = $number % 7 === 1;
                $shop->screens->frames->add($frame);
                $this->aYearOfTension($shop, $frame, new Randomizer(new Mt19937(500 + $number)));
            }
        }
    }

    /** What was coated, gauged, burned and taken off again in the last months. */
    private function pastStencils(ShopFloor $shop, Lamp $led, Emulsion $dual, Emulsion $fast): void
    {
        $random = new Randomizer(new Mt19937(4711));
        foreach ($shop->screens->frames->all() as $i => $frame) {
            for ($k = 0; $k < 1 + $i % 2 && $i < 24; ++$k) {
                $emulsion = ($i + $k) % 5 === 4 ? $fast : $dual;
                $mesh = $frame->mesh();
                $like = new Coating($mesh, Coating::edgeFor($mesh), 1, 1 + ($i + $k) % 2, $emulsion->solidsPct, $emulsion->name);
                $at = $shop->now()->setTime(9, 10)->modify(\sprintf('-%d days', 231 - (17 * $k + 7 * $i + 30 * ($i % 3))));
                $stencil = new Stencil($frame, $emulsion, $like, $at, $at->modify('+95 minutes'), true);
                $stencil->gaugedEomUm = round(
                    StencilModel::built($like) * exp(
                        self::TRUE_HAND + self::TRUE_EMULSION[$emulsion->name] + 0.09 * SimulatedNoise::normal($random),
                    ),
                    1,
                );
                if ($i % 6 === 2 && $emulsion === $dual) {
                    $thickness = $mesh->thicknessUm + $stencil->gaugedEomUm;
                    $seconds = round(10.2 * exp(0.62 + 1.06 * log($thickness / 100) + ($frame->dyed ? 0.24 : 0.0) + 0.08), 1);
                    $stencil->burn(null, $seconds, $led, $thickness, 300.0 + $i);
                    $stencil->look(new SinkCheck(pinholes: $i === 8));
                }
                $stencil->comeOff($at->modify('+12 days'));
                $shop->screens->stencils->add($stencil);
                $shop->screens->frameLines->add(new FrameLine($frame, $at, \sprintf('Coated with %s, %s', $emulsion->name, $like->words())));
                $shop->screens->frameLines->add(new FrameLine($frame, $at->modify('+12 days'), 'Reclaimed, bare again'));
            }
            $frame->uses = 6 + (11 * $i) % 47;
            $frame->rackPlace = \sprintf('%s%d', \chr(65 + intdiv($i, 10)), 1 + $i % 10);
            $frame->outsideWidthMm = $frame->insideWidthMm + 2 * self::OUTSIDE_MM;
            $frame->outsideHeightMm = $frame->insideHeightMm + 2 * self::OUTSIDE_MM;
        }
        $shop->settle();
    }

    /** Readings about every five weeks that end at the tension the frame has now; new mesh dropped fast at first. */
    private function aYearOfTension(ShopFloor $shop, Frame $frame, Randomizer $random): void
    {
        $months = 9 + $random->getInt(0, 3);
        $frame->stretchedOn = self::back($shop, 3 + 33 * $months + 1);
        $fall = 0.10 + $random->getInt(0, 35) / 100;
        for ($i = $months; $i >= 0; --$i) {
            $mean = $frame->tensionNPerCm + $fall * $i + ($i === $months ? 2.5 : 0.0) + ($i === 0 ? 0.0 : 0.25 * SimulatedNoise::normal($random));
            $sides = [];
            foreach ([0.25, -0.25] as $lean) {
                $places = [];
                for ($place = 0; $place < 5; ++$place) {
                    $places[] = $mean + $lean + ($place === 4 ? -0.2 : 0.05) + 0.15 * SimulatedNoise::normal($random);
                }
                $sides[] = $places;
            }
            // The last reading gives the frame its tension: it is brought to it exactly.
            $off = array_sum(array_merge(...$sides)) / 10 - ($i === 0 ? $frame->tensionNPerCm : $mean);
            $sides = array_map(
                static fn (array $places): array => array_map(static fn (float $p): float => round($p - $off, 2), $places),
                $sides,
            );
            $shop->screens->tensions->add(new TensionReading($frame, self::back($shop, 3 + 33 * $i), $sides[0], $sides[1]));
        }
    }

    private function presses(ShopFloor $shop): void
    {
        $shop->printing->presses->add(new Press('Six-colour rotary', PressKind::Rotary, 6, 4, [
            new Knob('Left', new Point(-210.0, 330.0), new Point(0.0, 1.0), 1.25),
            new Knob('Right', new Point(210.0, 330.0), new Point(0.0, 1.0), 1.25),
            new Knob('Side', new Point(0.0, 360.0), new Point(1.0, 0.0), 1.25),
        ], true, centreFromEndMm: 270, registerSigmaMm: 0.09));
        $shop->printing->dryers->add(new ShopDryer());
        $shop->printing->presses->add(new Press(self::TABLE, PressKind::Hinge, 1, 1, [], false, centreFromEndMm: 260));
    }

    private function tests(ShopFloor $shop, Randomizer $random, Lamp $led, Lamp $tubes, Emulsion $dual, Emulsion $fast): void
    {
        // lamp, emulsion, days ago, fabric and stencil µm, yellow mesh, lamp hours, strip s, and how far it was misread
        foreach ([
            [$led, $dual, 259, 118, false, 140, 3.0, 1.0], [$led, $dual, 238, 101, true, 160, 3.0, 1.0], [$led, $dual, 196, 88, true, 205, 2.5, 1.0],
            [$led, $dual, 154, 104, true, 250, 3.0, 1.0], [$led, $fast, 140, 101, true, 268, 1.5, 1.0], [$led, $dual, 98, 63, true, 300, 2.0, 1.0],
            [$led, $dual, 56, 101, true, 345, 2.5, 1.0], [$led, $dual, 21, 118, false, 398, 3.0, 1.0],
            [$tubes, $dual, 560, 101, true, 640, 25.0, 1.0], [$tubes, $dual, 490, 128, false, 900, 30.0, 1.0], [$tubes, $dual, 420, 101, true, 1160, 30.0, 1.0],
            [$tubes, $dual, 350, 101, true, 1450, 30.0, 1.0], [$tubes, $dual, 280, 101, true, 1740, 35.0, 1.0],
            // Strips counted from the wrong end.
            [$tubes, $dual, 217, 128, false, 1990, 40.0, 0.42],
            [$tubes, $fast, 168, 88, true, 2110, 20.0, 1.0], [$tubes, $dual, 42, 101, true, 2300, 40.0, 1.0],
        ] as [$lamp, $emulsion, $ago, $thickness, $dyed, $hours, $strip, $misread]) {
            $truth = ($lamp === $led ? 11.2 : 92.0) * exp(
                ($emulsion === $dual ? 0.62 : 0.0) + 1.06 * log($thickness / 100) + ($dyed ? 0.24 : 0.0)
                + ($lamp === $led ? 0.02 : 0.31) * $hours / 1000 + 0.04 * SimulatedNoise::normal($random),
            );
            $best = max(1, (int) round($misread * $truth / $strip));
            $test = new StepTest(
                $lamp,
                $emulsion,
                self::back($shop, $ago),
                $thickness,
                $dyed,
                $hours,
                lowS: $best > 1 ? ($best - 1) * $strip : null,
                bestS: $best * $strip,
                highS: ($best + 1) * $strip,
            );
            $test->incrementS = $strip;
            $shop->light->stepTests->add($test);
        }
    }

    /** A day so many days ago. */
    private static function back(ShopFloor $shop, int $days): string
    {
        return $shop->now()->modify(\sprintf('-%d days', $days))->format('Y-m-d');
    }
}
