<?php

declare(strict_types=1);

namespace Ektype\Tests\Core\Choice;

use Ektype\Core\Choice\FrameCost;
use Ektype\Core\Choice\MeshQuestion;
use Ektype\Core\Choice\MeshSuggestion;
use Ektype\Core\Choice\PrintOnFrames;
use Ektype\Core\Choice\RackFrame;
use Ektype\Core\Colour\Lab;
use Ektype\Core\Colour\Srgb;
use Ektype\Core\Ink\InkKind;
use Ektype\Core\Mesh\Mesh;
use Ektype\Core\Plate\PlateRole;
use Ektype\Core\Plate\Substrate;
use Ektype\Core\Screen\FrameState;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

/** The one cost by which frames are ranked, worked by hand; it is told in doublings of the mesh count. */
final class FrameCostTest extends TestCase
{
    /** Bold colour on white cotton is usual on 110 to 165 per inch; 77/cm is 195.58. */
    public function testABareFrameOfItsOwnMeshCostsWhatItsMeshDoes(): void
    {
        $outside = log(195.58 / sqrt(110 * 165), 2) + 3 * log(195.58 / 165, 2);
        self::assertEqualsWithDelta($outside, self::cost(), 1e-4);
        // On 55/cm, 139.7 per inch, within the range: the distance from its middle alone.
        self::assertEqualsWithDelta(log(139.7 / sqrt(110 * 165), 2), self::cost(mesh: new Mesh(55, 64)), 1e-4);
    }

    #[TestWith([FrameState::Bare, 0.0])]
    #[TestWith([FrameState::Coated, -0.2])]
    #[TestWith([FrameState::Burned, 0.5])]
    #[TestWith([FrameState::ToReclaim, 0.5])]
    #[TestWith([FrameState::OnPress, 1.0])]
    #[TestWith([FrameState::ToStretch, 1.0])]
    public function testWorkBeforeTheLightIsWeighed(FrameState $state, float $more): void
    {
        self::assertEqualsWithDelta($more, self::cost(state: $state) - self::cost(), 1e-9);
    }

    public function testUseAgeAndHavingItAreWeighed(): void
    {
        self::assertEqualsWithDelta(0.3, self::cost(uses: 100) - self::cost(), 1e-9);
        self::assertEqualsWithDelta(0.15, self::cost(uses: 50) - self::cost(), 1e-9);
        self::assertEqualsWithDelta(0.1, self::cost(ageDays: 365.0) - self::cost(), 1e-9);
        self::assertEqualsWithDelta(-0.3, self::cost(takenBy: 'this', job: 'this') - self::cost(), 1e-9);
        self::assertEqualsWithDelta(
            0.0,
            self::cost(takenBy: 'another', job: 'this') - self::cost(),
            1e-9,
            'that is an obstacle, not a cost',
        );
    }

    public function testAMeshThatDoesNotHoldAndAPrintThatIsTightAreWeighed(): void
    {
        // A line of 0.1 mm on a pitch of 10/77 mm: four, and as much for each doubling missed, and six for not holding.
        $pitch = 10 / 77;
        $fine = self::question(0.1);
        $judged = MeshSuggestion::judge(new Mesh(77, 55), $fine);
        self::assertFalse($judged->holds);
        self::assertEqualsWithDelta($judged->cost + 6.0, FrameCost::of($fine, self::frame(), new PrintOnFrames(250, 300, 280))->cost, 1e-9);
        $usual = abs(log(195.58 / sqrt(200 * 255), 2)) + 3 * log(200 / 195.58, 2);
        self::assertEqualsWithDelta($usual + 4.0 * (1 + log($pitch / 0.1, 2)), $judged->cost, 1e-3);
        // 340 of 460 mm across is 74 %: over the usual 70, under the 80 that is the most.
        $tight = FrameCost::of(self::question(), self::frame(), new PrintOnFrames(340, 300, 280));
        self::assertEqualsWithDelta(2.0, $tight->cost - self::cost(), 1e-9);
        self::assertSame([], $tight->obstacles);
        self::assertSame(
            ['too small for the print'],
            FrameCost::of(self::question(), self::frame(), new PrintOnFrames(380, 300, 280))->obstacles,
        );
    }

    public function testWhatStandsInTheWayIsSaid(): void
    {
        $print = new PrintOnFrames(250, 300, 280);
        self::assertSame(['carries another job'], FrameCost::of(self::question(), self::frame(takenBy: 'another job'), $print)->obstacles);
        self::assertSame(['to stretch'], FrameCost::of(self::question(), self::frame(state: FrameState::ToStretch), $print)->obstacles);
        self::assertSame(['under 15 N/cm'], FrameCost::of(self::question(), self::frame(tension: 14.9), $print)->obstacles);
        self::assertSame([], FrameCost::of(self::question(), self::frame(tension: 15.0), $print)->obstacles);
    }

    private static function question(?float $line = null): MeshQuestion
    {
        return new MeshQuestion(PlateRole::Colour, Substrate::Cotton, InkKind::Plastisol, $line, null, Lab::of(Srgb::fromHex('#ffffff')));
    }

    private static function frame(
        ?Mesh $mesh = null,
        FrameState $state = FrameState::Bare,
        int $uses = 0,
        string $takenBy = '',
        float $ageDays = 0.0,
        float $tension = 22.0,
    ): RackFrame {
        return new RackFrame('7', $mesh ?? new Mesh(77, 55), 460, 560, $tension, $state, uses: $uses, takenBy: $takenBy, ageDays: $ageDays);
    }

    private static function cost(
        ?Mesh $mesh = null,
        FrameState $state = FrameState::Bare,
        int $uses = 0,
        string $takenBy = '',
        float $ageDays = 0.0,
        string $job = '',
    ): float {
        return FrameCost::of(
            self::question(),
            self::frame($mesh, $state, $uses, $takenBy, $ageDays),
            new PrintOnFrames(250, 300, 280),
            $job,
        )->cost;
    }
}
