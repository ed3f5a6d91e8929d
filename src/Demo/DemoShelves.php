<?php

declare(strict_types=1);

namespace Ektype\App\Demo;

use Doctrine\ORM\EntityManagerInterface;
use Ektype\App\Device\SimulatedNoise;
use Ektype\App\Shop\DarkRoom\DarkRoom;
use Ektype\App\Shop\Emulsion\Emulsion;
use Ektype\App\Shop\FilmPrinter\FilmPrinter;
use Ektype\App\Shop\Frame\Frame;
use Ektype\App\Shop\FrameChange\FrameChange;
use Ektype\App\Shop\Ink\Ink;
use Ektype\App\Shop\Lamp\Lamp;
use Ektype\App\Shop\OwnMesh\OwnMesh;
use Ektype\App\Shop\Press\Press;
use Ektype\App\Shop\Stencil\Stencil;
use Ektype\App\Shop\StepTest\StepTest;
use Ektype\App\Shop\TensionReading\TensionReading;
use Ektype\Core\Stencil\Coating;
use Ektype\Core\Stencil\StencilModel;
use Random\Engine\Mt19937;
use Random\Randomizer;

/** Inks, frames, lamps, presses and months of step tests of the demo shop; every figure is made up, with a fixed seed. */
final readonly class DemoShelves
{
    private const INKS = [
        ['Base white', '#f6f4ee', 0.97], ['Top white', '#fdfdfb', 0.93], ['Straw', '#f0e4ba', 0.93], ['Lantern amber', '#dc8a2c', 0.92],
        ['Harbour rust', '#b5482f', 0.92], ['Sage', '#8fb3a2', 0.93], ['Signal red', '#cf2b25', 0.91], ['Bottle green', '#1f4e36', 0.94],
        ['Dusk blue', '#23489c', 0.93], ['Sky', '#6db3e4', 0.92], ['Plum', '#5f2747', 0.94], ['Rye brown', '#a8742f', 0.93],
        ['Slate', '#566069', 0.94], ['Black', '#12110f', 0.97],
    ];

    /** threads per cm, thread µm, how many, inside width and height mm */
    private const FRAMES = [
        [43, 80, 2, 460, 560], [55, 64, 3, 460, 560], [61, 64, 2, 460, 560], [77, 55, 5, 460, 560], [90, 48, 4, 460, 560],
        [100, 40, 2, 460, 560], [120, 34, 3, 460, 560], [77, 55, 2, 360, 460], [48, 70, 2, 560, 760],
    ];

    /** The rest of the rack: coarse mesh for glitter, fine mesh for hard surfaces, odd sizes, some to be seen to. */
    private const MORE_FRAMES = [
        [32, 100, 2, 460, 560, ['bare', 'to reclaim']], [49, 70, 2, 460, 560, ['bare', 'bare']], [64, 60, 1, 460, 560, ['to stretch']], [71, 55, 2, 360, 460, ['bare', 'to reclaim']],
        [110, 40, 2, 460, 560, ['bare', 'bare']], [140, 34, 2, 360, 460, ['bare', 'to reclaim']], [150, 31, 2, 460, 560, ['bare', 'bare']], [165, 31, 1, 360, 460, ['bare']], [120, 34, 1, 560, 760, ['to stretch']],
    ];
    private const OUTSIDE_MM = 40;
    /** How this shop's hand and edges differ from the usual, of the logarithm; what its gauge has found out. */
    private const TRUE_HAND = 0.13;
    private const TRUE_EMULSION = ['Harbour dual-cure' => -0.08, 'Quick photopolymer' => 0.05];

    public function __construct(private EntityManagerInterface $entities)
    {
    }

    public function fill(): void
    {
        $random = new Randomizer(new Mt19937(20261123));
        foreach (self::INKS as [$name, $hex, $hiding]) {
            $this->entities->persist(new Ink($name, $hex, 'plastisol', $hiding));
        }
        $number = 1;
        foreach (self::FRAMES as [$perCm, $thread, $count, $width, $height]) {
            for ($i = 0; $i < $count; ++$i) {
                $tension = round(23.5 - 0.4 * ($number % 7) + 1.6 * SimulatedNoise::normal($random), 1);
                $frame = new Frame((string) $number, $perCm, $thread, $perCm >= 77, $width, $height, max(15.4, min(29.0, $tension)));
                $this->entities->persist($frame);
                $this->aYearOfTension($frame, new Randomizer(new Mt19937(500 + $number)));
                ++$number;
            }
        }
        $this->moreFrames($number);
        $led = new Lamp('LED table', 'led', 410);
        $tubes = new Lamp('Old tube box', 'tubes', 2350);
        $dual = new Emulsion('Harbour dual-cure', 'dual_cure');
        $fast = new Emulsion('Quick photopolymer', 'photopolymer');
        $dual->solidsPct = 40.0;
        $dual->mixedOn = '2026-10-26';
        $dual->potLifeDays = 42;
        $fast->solidsPct = 44.0;
        $fast->coatedLifeDays = 21;
        foreach ([$led, $tubes, $dual, $fast] as $one) {
            $this->entities->persist($one);
        }
        $this->presses();
        $this->entities->persist(new FilmPrinter('Inkjet on clear film', 600, 610, null, 12, 3.2, 0.0, 0.15));
        $this->entities->persist(new FilmPrinter('Old laser on vellum', 600, 297, 420, 12, 2.3, 0.1, 0.6));
        $this->tests($random, $led, $tubes, $dual, $fast);
        // Meshes with their data sheets: woven cloth opens a little less than the formula on fine counts.
        foreach ([[48, 70, false, 135.0, 114.0], [90, 48, true, 61.0, 79.0], [120, 34, true, 46.0, 55.0]] as [$perCm, $thread, $dyed, $opening, $thickness]) {
            $this->entities->persist(new OwnMesh($perCm, $thread, $dyed, $opening, $thickness));
        }
        $this->entities->flush();
        foreach ($this->entities->getRepository(OwnMesh::class)->findAll() as $own) {
            foreach ($this->entities->getRepository(Frame::class)->findBy(['threadsPerCm' => $own->threadsPerCm, 'threadUm' => $own->threadUm]) as $frame) {
                [$frame->sheetOpeningUm, $frame->sheetThicknessUm] = [$own->openingUm, $own->thicknessUm];
            }
        }
        $this->pastStencils($led, $dual, $fast);
        $room = new DarkRoom();
        [$room->temperatureC, $room->humidityPct, $room->airMS, $room->readAt] = [23.0, 46.0, 0.6, new \DateTimeImmutable('2026-11-23 07:50')];
        $this->entities->persist($room);
        $this->entities->flush();
    }

    private function moreFrames(int $number): void
    {
        $random = new Randomizer(new Mt19937(909));
        foreach (self::MORE_FRAMES as [$perCm, $thread, $count, $width, $height, $states]) {
            for ($i = 0; $i < $count; ++$i, ++$number) {
                $torn = $states[$i] === 'to stretch';
                $frame = new Frame((string) $number, $perCm, $thread, $perCm >= 77, $width, $height, round($torn ? 14.2 - $i : 20.5 + 1.4 * SimulatedNoise::normal($random), 1));
                $frame->state = $states[$i];
                $frame->stained = $number % 7 === 1;
                $this->entities->persist($frame);
                $this->aYearOfTension($frame, new Randomizer(new Mt19937(500 + $number)));
            }
        }
    }

    /** What was coated, gauged, burned and taken off again in the last months. */
    private function pastStencils(Lamp $led, Emulsion $dual, Emulsion $fast): void
    {
        $random = new Randomizer(new Mt19937(4711));
        foreach ($this->entities->getRepository(Frame::class)->findBy([], ['id' => 'ASC']) as $i => $frame) {
            for ($k = 0; $k < 1 + $i % 2 && $i < 24; ++$k) {
                $emulsion = ($i + $k) % 5 === 4 ? $fast : $dual;
                $mesh = $frame->mesh();
                $like = new Coating($mesh, Coating::edgeFor($mesh), 1, 1 + ($i + $k) % 2, $emulsion->solidsPct, $emulsion->name);
                $at = (new \DateTimeImmutable('2026-04-06 09:10'))->modify(\sprintf('+%d days', 17 * $k + 7 * $i + 30 * ($i % 3)));
                $stencil = new Stencil($frame, $emulsion, $at, $at->modify('+95 minutes'), $like->edge, $like->printCoats, $like->squeegeeCoats, false, true, $frame->threadsPerCm, $frame->threadUm, $frame->dyed, $frame->sheetOpeningUm, $frame->sheetThicknessUm);
                $stencil->gaugedEomUm = round(StencilModel::built($like) * exp(self::TRUE_HAND + self::TRUE_EMULSION[$emulsion->name] + 0.09 * SimulatedNoise::normal($random)), 1);
                $stencil->goneOn = $at->modify('+12 days')->format('Y-m-d');
                if ($i % 6 === 2 && $emulsion === $dual) {
                    $stencil->lamp = $led;
                    $stencil->lampHours = 300.0 + $i;
                    $stencil->thicknessUm = $mesh->thicknessUm + $stencil->gaugedEomUm;
                    $stencil->burnedSeconds = round(10.2 * exp(0.62 + 1.06 * log($stencil->thicknessUm / 100) + ($frame->dyed ? 0.24 : 0.0) + 0.08), 1);
                    $stencil->sinkCheck = ['scum' => false, 'pinholes' => $i === 8, 'lostDots' => false, 'closedLines' => false, 'blur' => false];
                }
                $this->entities->persist($stencil);
                $this->entities->persist(new FrameChange($frame, $at, \sprintf('Coated with %s, %s', $emulsion->name, $like->words()), null));
                $this->entities->persist(new FrameChange($frame, $at->modify('+12 days'), 'Reclaimed, bare again', null));
            }
            $frame->uses = 6 + (11 * $i) % 47;
            $frame->rackPlace = \sprintf('%s%d', \chr(65 + intdiv($i, 10)), 1 + $i % 10);
            $frame->outsideWidthMm = $frame->insideWidthMm + 2 * self::OUTSIDE_MM;
            $frame->outsideHeightMm = $frame->insideHeightMm + 2 * self::OUTSIDE_MM;
        }
        $this->entities->flush();
    }

    /** Readings about every five weeks that end at the tension the frame has now; new mesh dropped fast at first. */
    private function aYearOfTension(Frame $frame, Randomizer $random): void
    {
        $months = 9 + $random->getInt(0, 3);
        $frame->stretchedOn = (new \DateTimeImmutable('2026-11-20'))->modify(\sprintf('-%d days', 33 * $months + 1))->format('Y-m-d');
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
            $sides = array_map(static fn (array $places): array => array_map(static fn (float $p): float => round($p - $off, 2), $places), $sides);
            $this->entities->persist(new TensionReading($frame, (new \DateTimeImmutable('2026-11-20'))->modify(\sprintf('-%d days', 33 * $i))->format('Y-m-d'), $sides[0], $sides[1]));
        }
    }

    private function presses(): void
    {
        $this->entities->persist(new Press('Six-colour rotary', 'rotary', 6, 4, [
            ['name' => 'Left', 'at_mm' => [-210.0, 330.0], 'pushes' => [0.0, 1.0], 'mm_per_turn' => 1.25],
            ['name' => 'Right', 'at_mm' => [210.0, 330.0], 'pushes' => [0.0, 1.0], 'mm_per_turn' => 1.25],
            ['name' => 'Side', 'at_mm' => [0.0, 360.0], 'pushes' => [1.0, 0.0], 'mm_per_turn' => 1.25],
        ], true, 270, 0.09));
        $this->entities->persist(new Press('Hinge table', 'hinge', 1, 1, [], false, 260));
    }

    private function tests(Randomizer $random, Lamp $led, Lamp $tubes, Emulsion $dual, Emulsion $fast): void
    {
        // lamp, emulsion, day, fabric and stencil µm, yellow mesh, lamp hours, true seconds, strip s
        foreach ([
            [$led, $dual, '2026-03-09', 118, false, 140, 3.0], [$led, $dual, '2026-03-30', 101, true, 160, 3.0], [$led, $dual, '2026-05-11', 88, true, 205, 2.5],
            [$led, $dual, '2026-06-22', 104, true, 250, 3.0], [$led, $fast, '2026-07-06', 101, true, 268, 1.0], [$led, $dual, '2026-08-17', 63, true, 300, 2.0],
            [$led, $dual, '2026-09-28', 101, true, 345, 2.5], [$tubes, $dual, '2026-02-16', 101, true, 2010, 40.0], [$tubes, $dual, '2026-04-20', 128, false, 2080, 40.0],
            [$tubes, $fast, '2026-06-08', 88, true, 2150, 15.0], [$tubes, $dual, '2026-10-12', 101, true, 2300, 40.0], [$led, $dual, '2026-11-02', 118, false, 398, 3.0],
        ] as [$lamp, $emulsion, $day, $thickness, $dyed, $hours, $strip]) {
            $truth = ($lamp === $led ? 10.2 : 168.0) * exp(($emulsion === $dual ? 0.62 : 0.0) + 1.06 * log($thickness / 100) + ($dyed ? 0.24 : 0.0) + 0.25 * $hours / 1000 + 0.05 * SimulatedNoise::normal($random));
            $best = max(1, (int) round($truth / $strip));
            $this->entities->persist(new StepTest($lamp, $emulsion, $day, $thickness, $dyed, $hours, $best > 1 ? ($best - 1) * $strip : null, $best * $strip, ($best + 1) * $strip));
        }
    }
}
