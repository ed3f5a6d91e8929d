<?php

declare(strict_types=1);

namespace Ektype\Tests\Core\Choice;

use Ektype\Core\Choice\MeshQuestion;
use Ektype\Core\Choice\PrintOnFrames;
use Ektype\Core\Choice\RackAssignment;
use Ektype\Core\Choice\RackFrame;
use Ektype\Core\Choice\RackPlate;
use Ektype\Core\Colour\Lab;
use Ektype\Core\Colour\Srgb;
use Ektype\Core\Ink\InkKind;
use Ektype\Core\Mesh\Mesh;
use Ektype\Core\Mesh\MeshCatalogue;
use Ektype\Core\Plate\PlateRole;
use Ektype\Core\Plate\Substrate;
use Ektype\Core\Screen\FrameState;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;

final class RackAssignmentTest extends TestCase
{
    /** On small racks the choice is as cheap as the best of every way to lay plates on frames. */
    public function testTheChoiceIsTheBestOfAll(): void
    {
        $typical = MeshCatalogue::typical();
        for ($seed = 0; $seed < 20; ++$seed) {
            $random = new Randomizer(new Mt19937($seed));
            $plates = array_map(
                static fn (int $i): RackPlate => self::plate(
                    "plate $i",
                    $i === 0 ? PlateRole::Base : PlateRole::Colour,
                    $random->getInt(0, 1) === 0 ? null : 0.15 + $random->getInt(0, 40) / 100,
                ),
                range(0, 2),
            );
            $rack = array_map(
                static fn (int $i): RackFrame => new RackFrame(
                    "frame $i",
                    $typical[$random->getInt(4, 17)],
                    460,
                    560,
                    14 + $random->getInt(0, 90) / 10,
                    [FrameState::Bare, FrameState::ToReclaim, FrameState::Coated][$random->getInt(0, 2)],
                    $random->getInt(0, 120),
                ),
                range(0, 6),
            );
            $choice = RackAssignment::best($plates, $rack, new PrintOnFrames(250, 300, 280));
            $best = \INF;
            foreach ($rack as $a) {
                foreach ($rack as $b) {
                    foreach ($rack as $c) {
                        $tensions = [$a->tensionNPerCm, $b->tensionNPerCm, $c->tensionNPerCm];
                        if ($a === $b || $b === $c || $a === $c || min($tensions) < 15 || max($tensions) - min($tensions) > 3 + 1e-9) {
                            continue;
                        }
                        // Each alone costs the same as in the set: the sum is the cost of the set.
                        $sum = 0.0;
                        foreach ([$a, $b, $c] as $i => $frame) {
                            $sum += RackAssignment::best([$plates[$i]], [$frame], new PrintOnFrames(250, 300, 280))->cost;
                        }
                        $best = min($best, $sum);
                    }
                }
            }
            if ($best < 30) {
                self::assertEqualsWithDelta($best, $choice->cost, 1e-6, "rack of seed $seed");
                self::assertLessThanOrEqual(3 + 1e-9, $choice->tensionSpreadNPerCm);
                $frames = array_column($choice->plates, 'frame');
                self::assertCount(3, array_unique($frames), 'no frame twice');
            }
        }
    }

    public function testTakenSlackAndSmallFramesAreLeftAndWhatIsMissingIsSaid(): void
    {
        $mesh = new Mesh(77, 55);
        $plates = [self::plate('Straw', PlateRole::Colour, 0.4), self::plate('Rust', PlateRole::Colour, 0.4)];
        $rack = [
            new RackFrame('held', $mesh, 460, 560, 22, FrameState::Bare, 0, 'another job'),
            new RackFrame('slack', $mesh, 460, 560, 12),
            new RackFrame('small', $mesh, 260, 300, 22),
            new RackFrame('good', $mesh, 460, 560, 22, FrameState::ToReclaim),
        ];
        $choice = RackAssignment::best($plates, $rack, new PrintOnFrames(250, 300, 280));
        $frames = array_column($choice->plates, 'frame', 'plate');
        sort($frames);
        self::assertSame([null, 'good'], $frames);
        self::assertCount(1, $choice->missing);
        self::assertStringContainsString('stretch one with', $choice->missing[0]);
        self::assertSame(['reclaim', 'degrease', 'coat'], array_merge(...array_column($choice->plates, 'first')));
        self::assertCount(2, RackAssignment::best($plates, [], new PrintOnFrames(250, 300, 280))->missing);
        self::assertSame(
            'held',
            RackAssignment::best([$plates[0]], [$rack[0]], new PrintOnFrames(250, 300, 280), 'another job')->plates[0]->frame,
            'its own frame',
        );
    }

    private static function plate(string $name, PlateRole $role, ?float $line): RackPlate
    {
        return new RackPlate(
            $name,
            new MeshQuestion($role, Substrate::Cotton, InkKind::Plastisol, $line, null, Lab::of(Srgb::fromHex('#1b2440'))),
        );
    }
}
