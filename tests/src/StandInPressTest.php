<?php

declare(strict_types=1);

namespace Ektype\Tests\App;

use Ektype\App\Device\SimulatedPress;
use Ektype\App\Shop\Press\Press;
use Ektype\Core\Registration\RigidMove;

/** The stand-in is a press: what it prints lies where it lay, moved by what was turned. */
final class StandInPressTest extends ShopTestCase
{
    protected const BENCHES = ['press'];

    public function testTwoRoundsBringEveryPlateIntoRegister(): void
    {
        $id = $this->twoDotsOnFrames();
        $this->connection()->executeStatement('UPDATE press SET register_sigma_mm = 0.05');
        $this->printed($id, 3);
        foreach ([1, 2] as $round) {
            foreach ($this->colours($id) as $plate) {
                $this->ask('POST', '/api/plates/'.$plate['id'].'/turned');
            }
            $this->printed($id, 3);
        }
        $tolerance = $this->ask('GET', "/api/jobs/$id")['toleranceMm'];
        foreach ($this->colours($id) as $plate) {
            self::assertLessThanOrEqual($tolerance, $plate['register']['nowMaxMm'], $plate['name'].' after two rounds');
            self::assertTrue($plate['register']['inRegister'], $plate['name']);
        }
    }

    public function testAPlateThatNobodyTurnedStaysWhereItLies(): void
    {
        $id = $this->twoDotsOnFrames();
        $this->printed($id, 3);
        [$one, $other] = array_map(static fn (array $p): array => $p['register']['misfit']['rigid'], $this->colours($id));
        $this->ask('POST', '/api/plates/'.$this->colours($id)[0]['id'].'/turned');
        $this->printed($id, 3);
        [$turned, $left] = array_map(static fn (array $p): array => $p['register']['misfit']['rigid'], $this->colours($id));
        self::assertLessThan(0.1, hypot($left['xMm'] - $other['xMm'], $left['yMm'] - $other['yMm']), 'no knob of it was touched');
        self::assertLessThan(0.25, hypot($turned['xMm'], $turned['yMm']));
        self::assertGreaterThan(0.25, hypot($one['xMm'] - $turned['xMm'], $one['yMm'] - $turned['yMm']));
        // A turn that is taken back was not made.
        $this->undo($id);
        $this->undo($id);
        $this->undo($id);
        $this->undo($id);
        $back = $this->colours($id)[0]['register'];
        self::assertSame(3, $back['prints']);
        $this->printed($id, 1);
        $again = $this->colours($id)[0]['register']['misfit']['rigid'];
        self::assertLessThan(0.1, hypot($again['xMm'] - $one['xMm'], $again['yMm'] - $one['yMm']));
    }

    public function testAWrongReadingDoesNotMoveThePress(): void
    {
        $id = $this->twoDotsOnFrames();
        $this->printed($id, 1);
        $plate = $this->colours($id)[0];
        $true = $plate['register']['misfit']['rigid'];
        $wrong = array_map(static fn (array $m): array => ['mark' => $m['name'], 'at' => ['xMm' => $m['xMm'], 'yMm' => $m['yMm']], 'off' => ['xMm' => 3.0, 'yMm' => 3.0]], \array_slice($plate['targets'], 0, 3));
        $this->ask('PATCH', '/api/plates/'.$plate['id'], ['prints' => [['readings' => $wrong]]]);
        $this->ask('PATCH', '/api/plates/'.$plate['id'], ['prints' => []]);
        $this->printed($id, 2);
        $read = $this->colours($id)[0]['register']['misfit']['rigid'];
        self::assertLessThan(0.2, hypot($read['xMm'] - $true['xMm'], $read['yMm'] - $true['yMm']));
    }

    /** By the geometry of one knob alone: it pushes its frame along its own way, and gives its play up when it turns back. */
    public function testAKnobPushesByItsPitchAndLosesItsPlay(): void
    {
        $press = $this->service(\Ektype\App\Shop\Press\Presses::class)->first();
        self::assertInstanceOf(Press::class, $press);
        $nothing = new RigidMove(0.0, 0.0, 0.0);
        $once = SimulatedPress::lies($press, $nothing, [['Side' => 1.0]]);
        $back = SimulatedPress::lies($press, $nothing, [['Side' => 1.0], ['Side' => -1.0]]);
        $side = array_column(array_map(static fn ($k): array => ['name' => $k->name, 'mm' => $k->mmPerTurn], $press->knobs()), 'mm', 'name')['Side'];
        self::assertEqualsWithDelta($side, hypot($once->xMm, $once->yMm), 0.07 * $side);
        self::assertEqualsWithDelta(0.05, hypot($back->xMm, $back->yMm), 1e-6);
    }

    private function printed(int $id, int $times): void
    {
        for ($print = 0; $print < $times; ++$print) {
            $this->ask('POST', "/api/jobs/$id/strike-off/simulated", ['platen' => null]);
        }
    }

    /** @return list<array<mixed>> the plates that are fitted to the first */
    private function colours(int $id): array
    {
        return \array_slice($this->ask('GET', "/api/jobs/$id")['plates'], 1);
    }
}
