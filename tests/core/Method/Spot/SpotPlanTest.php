<?php

declare(strict_types=1);

namespace Ektype\Tests\Core\Method\Spot;

use Ektype\Core\Film\WeakPlace;
use Ektype\Core\Method\Spot\ColourDecisions;
use Ektype\Core\Method\Spot\SpotPlan;
use Ektype\Core\Method\Spot\Tint;
use Ektype\Core\Separation\ImpossibleSeparation;
use Ektype\Core\Separation\Positive;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** A decision changes its own value of the plan and leaves every other as it was: one lost silently is a wrong plate. */
final class SpotPlanTest extends TestCase
{
    /** @return iterable<string, array{string, mixed, \Closure(SpotPlan): SpotPlan}> value changed, what it is then, the decision */
    public static function decisions(): iterable
    {
        yield 'merge' => [
            'merges',
            ['#111111' => '#222222', '#333333' => '#444444'],
            static fn (SpotPlan $p): SpotPlan => $p->decided($p->colours->merged('#333333', '#444444')),
        ];
        yield 'leave open' => ['leftOpen', ['#555555', '#333333'], static fn (SpotPlan $p): SpotPlan => $p->decided($p->colours->leftOpen('#333333'))];
        yield 'leave open twice' => ['leftOpen', ['#555555'], static fn (SpotPlan $p): SpotPlan => $p->decided($p->colours->leftOpen('#555555'))];
        yield 'split' => ['splits', ['#666666', '#333333'], static fn (SpotPlan $p): SpotPlan => $p->decided($p->colours->parted('#333333'))];
        yield 'merged no more' => ['merges', [], static fn (SpotPlan $p): SpotPlan => $p->decided($p->colours->printedAgain('#111111'))];
        yield 'open no more' => ['leftOpen', [], static fn (SpotPlan $p): SpotPlan => $p->decided($p->colours->printedAgain('#555555'))];
        yield 'one again' => ['splits', [], static fn (SpotPlan $p): SpotPlan => $p->decided($p->colours->printedAgain('#666666'))];
        yield 'lock' => ['locks', ['#777777' => 7, '#333333' => 4], static fn (SpotPlan $p): SpotPlan => $p->locked('#333333', 4)];
        yield 'unlock' => ['locks', [], static fn (SpotPlan $p): SpotPlan => $p->locked('#777777', null)];
        yield 'highlight' => [
            'highlights',
            ['#888888' => true, '#333333' => false],
            static fn (SpotPlan $p): SpotPlan => $p->decided($p->colours->highlighted('#333333', false)),
        ];
        yield 'on base' => ['onBase', ['#888888' => true], static fn (SpotPlan $p): SpotPlan => $p->decided($p->colours->onBase('#888888', true))];
        yield 'overprint' => [
            'overprints',
            ['#999999' => true, '#333333' => true],
            static fn (SpotPlan $p): SpotPlan => $p->decided($p->colours->overprinting('#333333', true)),
        ];
        yield 'thicken' => [
            'thicken',
            ['#aaaaaa' => 0.2, '#333333' => 0.13],
            static fn (SpotPlan $p): SpotPlan => $p->decided($p->colours->thickened('#333333', 0.13)),
        ];
        yield 'as thin as drawn' => ['thicken', [], static fn (SpotPlan $p): SpotPlan => $p->decided($p->colours->thickened('#aaaaaa', 0))];
        yield 'white base' => ['baseFrom', null, static fn (SpotPlan $p): SpotPlan => $p->withBaseFrom(null)];
        yield 'nothing drawn' => ['positives', [], static fn (SpotPlan $p): SpotPlan => $p->drawn([])];
    }

    /** @param \Closure(SpotPlan): SpotPlan $decide */
    #[DataProvider('decisions')]
    public function testADecisionChangesItsOwnValueOnly(string $value, mixed $then, \Closure $decide): void
    {
        $plan = self::full();
        $before = self::values($plan);
        self::assertEquals([...$before, $value => $then], self::values($decide($plan)));
        self::assertSame($before, self::values($plan), 'the plan decided on stays as it was');
    }

    /** @return array<mixed> */
    private static function values(SpotPlan $plan): array
    {
        return [...array_diff_key(get_object_vars($plan), ['colours' => true]), ...get_object_vars($plan->colours)];
    }

    public function testAColourIsNotMergedIntoItself(): void
    {
        $this->expectException(ImpossibleSeparation::class);
        self::full()->colours->merged('#333333', '#333333');
    }

    public function testTheTrapSetGoesBeforeThatOfThePress(): void
    {
        self::assertSame(0.25, self::full()->trap(0.4));
        self::assertSame((new SpotPlan(5, trapMm: null))->trap(0.4), (new SpotPlan())->trap(0.4));
        self::assertGreaterThan((new SpotPlan())->trap(0.1), (new SpotPlan())->trap(0.4), 'a looser press asks for more');
    }

    private static function full(): SpotPlan
    {
        return new SpotPlan(
            5,
            0.3,
            0.25,
            true,
            new ColourDecisions(
                ['#111111' => '#222222'],
                ['#555555'],
                splits: ['#666666'],
                highlights: ['#888888' => true],
                onBase: ['#888888' => false],
                overprints: ['#999999' => true],
                thicken: ['#aaaaaa' => 0.2],
            ),
            locks: ['#777777' => 7],
            baseFrom: '#bbbbbb',
            positives: [new Positive('1/a.png', 'red', '#cc0000', 2, 3, [new WeakPlace(1.5, 2.5, 0.75)])],
        );
    }

    /** A plate carries the tints of its own ink, of one ink or of two; others and a base carry none. */
    public function testTintsBelongToThePlatesOfTheirInks(): void
    {
        $grey = new Tint('#888888', '#101010', 0.4, 1.0);
        $rose = new Tint('#cc8888', '#b02020', 0.5, 1.0, '#101010', 0.1);
        $plan = new SpotPlan(colours: (new ColourDecisions())->tinted($grey)->tinted($rose));
        self::assertSame([$grey, $rose], $plan->colours->tintsOf('#101010'));
        self::assertSame([$rose], $plan->colours->tintsOf('#b02020'));
        self::assertSame([], $plan->colours->tintsOf('#123456'));
        self::assertSame([], $plan->colours->tintsOf(null));
    }
}
