<?php

declare(strict_types=1);

namespace Ektype\Tests\App\Shop;

use Ektype\App\Shop\Frame\Frame;
use Ektype\App\Shop\Job\Art;
use Ektype\App\Shop\Job\Job;
use Ektype\App\Shop\Lamp\Lamp;
use Ektype\App\Shop\Plate\Plate;
use Ektype\App\Shop\Stencil\Stencil;
use Ektype\Core\Exposure\LampKind;
use Ektype\Core\Exposure\SinkCheck;
use Ektype\Core\Mesh\Mesh;
use Ektype\Core\Plate\PlateRole;
use Ektype\Core\Screen\Coating;
use Ektype\Core\Screen\Edge;
use Ektype\Core\Screen\ForbiddenMove;
use Ektype\Core\Screen\StencilState;
use PHPUnit\Framework\TestCase;

/** A stencil tells what was done to it, and stays what it was whatever becomes of lamp, frame and plate. */
final class StencilTest extends TestCase
{
    private Stencil $stencil;
    private Frame $frame;
    private Plate $plate;
    private Lamp $lamp;

    protected function setUp(): void
    {
        $this->frame = new Frame('A', 61, 64, true, 460, 560, tensionNPerCm: 20);
        $this->lamp = new Lamp('Bench', LampKind::Led, 120, 400);
        $job = new Job('Moth', '#1b2440', 280, new Art('moth.png', 'png', 'art/moth.png', 800, 600), new \DateTimeImmutable('2026-03-02'));
        $this->plate = new Plate($job, 0, 0, 'White', PlateRole::Base, '#ffffff');
        $this->plate->picture = 'as it was drawn';
        $this->stencil = new Stencil(
            $this->frame,
            null,
            new Coating($this->frame->mesh(), Edge::Round, 2, 1, 36, '', driedBetween: true),
            new \DateTimeImmutable('2026-03-02 10:00'),
            new \DateTimeImmutable('2026-03-02 12:00'),
            true,
        );
    }

    public function testABurnKeepsTheLampAsItWas(): void
    {
        self::assertSame(StencilState::Coated, $this->stencil->state());
        $this->stencil->burn($this->plate, 42, $this->lamp, 118.4);
        $this->lamp->hours = 900;
        $this->lamp->distanceMm = 700;
        self::assertSame(
            [StencilState::Burned, 42.0, 120.0, 400.0, 118.4, $this->lamp, false],
            [
                $this->stencil->state(),
                $this->stencil->burnedSeconds(),
                $this->stencil->lampHours(),
                $this->stencil->distanceMm(),
                $this->stencil->thicknessUm(),
                $this->stencil->lamp(),
                $this->stencil->burnedDamp,
            ],
        );
    }

    public function testTheHoursReadAtTheBurnCountBeforeThoseOfTheShelf(): void
    {
        $this->stencil->burn($this->plate, 42, $this->lamp, 118.4, 131.5, true);
        self::assertSame(131.5, $this->stencil->lampHours());
        self::assertTrue($this->stencil->burnedDamp);
    }

    public function testWhatIsSeenIsKeptAnswerByAnswer(): void
    {
        $this->stencil->burn($this->plate, 42, $this->lamp, 118.4);
        for ($answers = 0; $answers < 32; ++$answers) {
            $seen = new SinkCheck(($answers & 1) > 0, ($answers & 2) > 0, ($answers & 4) > 0, ($answers & 8) > 0, ($answers & 16) > 0);
            $this->stencil->look($seen);
            self::assertEquals($seen, $this->stencil->seen());
            self::assertSame(StencilState::Looked, $this->stencil->state());
        }
        $this->stencil->look(null);
        self::assertSame(StencilState::Burned, $this->stencil->state(), 'nobody looked after all');
        self::assertNull($this->stencil->seen());
    }

    public function testABurnThatNeverWasLeavesNothing(): void
    {
        $this->stencil->burn($this->plate, 42, $this->lamp, 118.4, 131.5, true);
        $this->stencil->look(new SinkCheck(scum: true));
        $this->stencil->wasNotBurned();
        self::assertSame(StencilState::Coated, $this->stencil->state());
        self::assertSame(
            [null, null, null, null, null, null, null, false, false],
            [
                $this->stencil->burnedSeconds(),
                $this->stencil->lamp(),
                $this->stencil->lampHours(),
                $this->stencil->distanceMm(),
                $this->stencil->thicknessUm(),
                $this->stencil->plate(),
                $this->stencil->seen(),
                $this->stencil->burnedDamp,
                $this->stencil->carriesOldPicture(),
            ],
        );
    }

    public function testWhatHandsCannotDoIsRefusedAndLeavesItAsItWas(): void
    {
        $burn = fn () => $this->stencil->burn($this->plate, 30, $this->lamp, 100);
        $look = fn () => $this->stencil->look(new SinkCheck());
        $never = fn () => $this->stencil->wasNotBurned();
        self::assertTrue(self::isRefused($look, 'nothing to see at the sink'));
        self::assertTrue(self::isRefused($never, 'was not burned'));
        $this->stencil->burn($this->plate, 42, $this->lamp, 118.4);
        self::assertTrue(self::isRefused($burn, 'burned already'));
        self::assertSame([42.0, 118.4], [$this->stencil->burnedSeconds(), $this->stencil->thicknessUm()]);
        $this->stencil->comeOff(new \DateTimeImmutable('2026-03-09 17:00'));
        self::assertSame([StencilState::Gone, '2026-03-09'], [$this->stencil->state(), $this->stencil->goneOn]);
        foreach ([$burn, $look, $never, fn () => $this->stencil->comeOff(new \DateTimeImmutable('2026-03-10'))] as $move) {
            self::assertTrue(self::isRefused($move, 'off the mesh'));
        }
        self::assertSame('2026-03-09', $this->stencil->goneOn);
    }

    public function testABurnedScreenServesItsOwnPlateOnly(): void
    {
        $other = new Plate($this->plate->job, 1, 1, 'Straw', PlateRole::Colour, '#f0e4ba');
        self::assertTrue($this->stencil->serves($other), 'a coated one serves anybody');
        $this->stencil->burn($this->plate, 42, $this->lamp, 118.4);
        self::assertTrue($this->stencil->serves($this->plate));
        self::assertFalse($this->stencil->serves($other));
    }

    public function testAPlateDrawnAnewLeavesTheOldPictureOnItsScreen(): void
    {
        self::assertFalse($this->stencil->carriesOldPicture(), 'nothing is burned yet');
        $this->stencil->burn($this->plate, 42, $this->lamp, 118.4);
        self::assertFalse($this->stencil->carriesOldPicture());
        $this->plate->picture = 'as it is drawn now';
        self::assertTrue($this->stencil->carriesOldPicture());
        $this->plate->picture = 'as it was drawn';
        self::assertFalse($this->stencil->carriesOldPicture(), 'and back');
        $this->plate->picture = null;
        self::assertFalse($this->stencil->carriesOldPicture(), 'nobody noted which: nothing is claimed');
    }

    public function testNewMeshAndANewSheetChangeNothingOfTheOldStencil(): void
    {
        $this->frame->carry(new Mesh(120, 34, false));
        self::assertSame([61.0, 64.0, true], [$this->stencil->mesh()->threadsPerCm, $this->stencil->mesh()->threadUm, $this->stencil->mesh()->dyed]);
        $coating = $this->stencil->coating();
        self::assertSame([Edge::Round, 2, 1, 36.0, true, null], [
            $coating->edge,
            $coating->printCoats,
            $coating->squeegeeCoats,
            $coating->solidsPct,
            $coating->driedBetween,
            $coating->filmUm,
        ]);
    }

    public function testAThicknessIsToldOnlyOfWhatWasBurned(): void
    {
        $this->stencil->gauge(14, 116.4);
        self::assertSame([14.0, null], [$this->stencil->gaugedEomUm, $this->stencil->thicknessUm()]);
        $this->stencil->burn($this->plate, 42, $this->lamp, 118.4);
        $this->stencil->gauge(16, 120.1);
        self::assertSame([16.0, 120.1], [$this->stencil->gaugedEomUm, $this->stencil->thicknessUm()]);
        $this->stencil->gauge(null, 119.0);
        self::assertSame([null, 119.0], [$this->stencil->gaugedEomUm, $this->stencil->thicknessUm()], 'the reading is taken back');
    }

    /** @param callable(): mixed $move */
    private static function isRefused(callable $move, string $words): bool
    {
        try {
            $move();
        } catch (ForbiddenMove $refused) {
            self::assertStringContainsString($words, $refused->getMessage());

            return true;
        }

        return false;
    }
}
