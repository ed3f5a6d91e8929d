<?php

declare(strict_types=1);

namespace Ektype\Tests\Core\Method\Spot;

use Ektype\Core\Art\ArtRaster;
use Ektype\Core\Colour\Srgb;
use Ektype\Core\Method\Spot\ColourDecisions;
use Ektype\Core\Method\Spot\SpotPalette;
use Ektype\Core\Method\Spot\SpotPlan;
use Ektype\Core\Method\Spot\SpotRequest;
use Ektype\Core\Separation\GivenInk;
use Ektype\Core\Unit\Refusal;
use Ektype\Tests\Core\Separation\Patches;
use PHPUnit\Framework\TestCase;

/** What a decision does to the colours of the art, and what is said where it cannot be done. */
final class SpotPaletteTest extends TestCase
{
    private const NAVY = '#1b2436';
    private const STRAW = '#f0e2b0';
    private const RUST = '#b84a30';
    private const SAGE = '#8fb3a2';

    public function testTheGarmentGivesItsOwnColour(): void
    {
        $colours = SpotPalette::decided(self::art(), self::asked());
        self::assertSame([self::STRAW, self::RUST, self::SAGE], self::printing($colours));
        self::assertSame(['the garment’s own colour'], array_values($colours->open));
        // On rust cloth it is the rust that is left open, and the navy prints.
        $onRust = SpotPalette::decided(self::art(), new SpotRequest(60, Srgb::fromHex(self::RUST)));
        self::assertEqualsCanonicalizing([self::NAVY, self::STRAW, self::SAGE], self::printing($onRust));
    }

    public function testAColourGivenAwayIsOpenAndSaysSo(): void
    {
        $colours = SpotPalette::decided(self::art(), self::asked(leftOpen: [self::SAGE]));
        self::assertSame([self::STRAW, self::RUST], self::printing($colours));
        self::assertContains('given to the garment', $colours->open);
        self::assertSame([], $colours->warnings);
    }

    public function testAColourThatIsNotThereIsNamedWithThoseThatAre(): void
    {
        $colours = SpotPalette::decided(self::art(), self::asked(leftOpen: ['#00ff00'], merges: ['#123456' => self::RUST]));
        self::assertCount(2, $colours->warnings);
        self::assertStringContainsString('The art has no colour #123456 to merge it.', $colours->warnings[0]);
        self::assertStringContainsString('#00ff00 to give to the garment', $colours->warnings[1]);
        self::assertStringContainsString(self::SAGE, $colours->warnings[1]);
        self::assertSame([self::STRAW, self::RUST, self::SAGE], self::printing($colours), 'nothing else changes');
    }

    public function testMergedColoursPrintTogetherWithTheirAreas(): void
    {
        $colours = SpotPalette::decided(self::art(), self::asked(merges: [self::SAGE => self::STRAW]));
        self::assertSame([self::STRAW, self::RUST], self::printing($colours));
        $straw = $colours->leaderOf(self::STRAW);
        self::assertNotNull($straw);
        self::assertSame($straw, $colours->leaderOf(self::SAGE), 'whichever is asked for');
        // 40 × 40 and 20 × 20 of 120 × 90.
        self::assertEqualsWithDelta(2000 / 10800, $colours->palette->share($straw), 1e-3);
        self::assertNull($colours->leaderOf(null));
        self::assertNull($colours->leaderOf('#ffffff'));
    }

    public function testAChainOfMergesEndsAtItsLast(): void
    {
        $colours = SpotPalette::decided(self::art(), self::asked(merges: [self::SAGE => self::STRAW, self::STRAW => self::RUST]));
        self::assertSame([self::RUST], self::printing($colours));
        self::assertSame($colours->leaderOf(self::RUST), $colours->leaderOf(self::SAGE));
    }

    public function testAMergeIntoTheGarmentIsLeftOpen(): void
    {
        $colours = SpotPalette::decided(self::art(), self::asked(merges: [self::SAGE => self::NAVY]));
        self::assertSame([self::STRAW, self::RUST], self::printing($colours));
    }

    public function testADecisionHoldsForAllThatPrintTogether(): void
    {
        $colours = SpotPalette::decided(self::art(), self::asked(merges: [self::SAGE => self::STRAW]));
        $straw = (int) $colours->leaderOf(self::STRAW);
        self::assertTrue($colours->decision([self::SAGE => true], $straw));
        self::assertFalse($colours->decision([self::STRAW => false], $straw));
        self::assertNull($colours->decision([self::RUST => true], $straw));
        self::assertNull($colours->decision([], $straw));
    }

    public function testALockedColourPrintsInItsInkAndTwoOfOneInkShareAPlate(): void
    {
        $gold = new GivenInk('House gold', Srgb::fromHex('#d8b45a'));
        $colours = SpotPalette::decided(self::art(), self::asked(locks: [self::STRAW => $gold, self::RUST => $gold]));
        $straw = (int) $colours->leaderOf(self::STRAW);
        self::assertSame($straw, $colours->leaderOf(self::RUST));
        self::assertSame('House gold', $colours->inks[$straw]->name);
        self::assertSame('#d8b45a', $colours->colour($straw)->hex());
        self::assertSame(self::SAGE, $colours->colour((int) $colours->leaderOf(self::SAGE))->hex(), 'without an ink it is the art’s own');
    }

    public function testALockOfAnOpenColourDoesNothing(): void
    {
        $gold = new GivenInk('House gold', Srgb::fromHex('#d8b45a'));
        $colours = SpotPalette::decided(self::art(), self::asked(locks: [self::NAVY => $gold]));
        self::assertSame([], $colours->inks);
    }

    /** Of a fixed shelf each colour takes the nearest; what is visibly other is said with how far. */
    public function testAFixedShelfGivesTheNearestInkAndSaysWhatLooksOther(): void
    {
        $shelf = [
            new GivenInk('House straw', Srgb::fromHex('#efe1ae')),
            new GivenInk('Barn red', Srgb::fromHex('#b5482f')),
            new GivenInk('Signal blue', Srgb::fromHex('#2040c0')),
        ];
        $colours = SpotPalette::decided(self::art(), self::asked(palette: $shelf));
        self::assertSame('House straw', $colours->inks[(int) $colours->leaderOf(self::STRAW)]->name);
        self::assertSame('Barn red', $colours->inks[(int) $colours->leaderOf(self::RUST)]->name);
        self::assertCount(1, $colours->warnings, 'only the sage has no ink near it');
        self::assertStringContainsString(self::SAGE.' prints in House straw', $colours->warnings[0]);
        self::assertSame(1, preg_match('/ΔE00 (\d+) away/', $colours->warnings[0], $far));
        self::assertGreaterThan(10, (int) $far[1]);
    }

    /** Fewer inks than colours: the pair whose merging costs least goes first, worked out here over all pairs. */
    public function testFewerInksMergeWhatIsMissedLeast(): void
    {
        $art = Patches::on(self::NAVY, 120, 90, [
            [self::STRAW, 5, 5, 40, 40],
            ['#e8d9a4', 50, 5, 10, 10],
            [self::RUST, 5, 50, 60, 30],
            [self::SAGE, 80, 50, 30, 30],
        ]);
        $three = SpotPalette::decided($art, self::asked(inks: 3));
        self::assertEqualsCanonicalizing([self::STRAW, self::RUST, self::SAGE], self::printing($three));
        self::assertSame($three->leaderOf(self::STRAW), $three->leaderOf('#e8d9a4'));
        self::assertCount(2, SpotPalette::decided($art, self::asked(inks: 2))->printing());
        self::assertCount(1, SpotPalette::decided($art, self::asked(inks: 1))->printing());
    }

    public function testACutGroundBecomesAnOpenColourOfItsOwn(): void
    {
        $colours = SpotPalette::decided(self::art(), self::asked());
        $ground = (int) $colours->leaderOf(self::STRAW);
        $before = self::printing($colours);
        $new = $colours->cutGround($ground);
        self::assertSame('the paper round the drawing', $colours->open[$new]);
        self::assertSame($new, $colours->palette->printsAs[$new], 'it prints as nothing else');
        self::assertSame($before, self::printing($colours), 'the colour inside the drawing still prints');
        self::assertSame(0.0, $colours->palette->colours[$new]->share);
    }

    public function testDrawnPlatesKeepTheirInksInTheirOrder(): void
    {
        $inks = [new GivenInk('A', Srgb::fromHex(self::RUST)), new GivenInk('B', Srgb::fromHex(self::SAGE))];
        $colours = SpotPalette::drawn($inks);
        self::assertSame([0, 1], $colours->printing());
        self::assertSame(['A', 'B'], array_map(static fn (GivenInk $ink): string => $ink->name, $colours->inks));
    }

    public function testAShadeThroughAndThroughCannotBeParted(): void
    {
        $this->expectException(Refusal::class);
        $this->expectExceptionMessage('one shade through and through');
        SpotPalette::decided(self::art(), self::asked(splits: [self::RUST]));
    }

    private static function art(): ArtRaster
    {
        return Patches::on(self::NAVY, 120, 90, [
            [self::STRAW, 10, 10, 40, 40],
            [self::RUST, 60, 10, 50, 30],
            [self::SAGE, 70, 60, 20, 20],
        ]);
    }

    /**
     * @param array<string, string>   $merges
     * @param list<string>            $leftOpen
     * @param list<string>            $splits
     * @param array<string, GivenInk> $locks
     * @param list<GivenInk>          $palette
     */
    private static function asked(
        ?int $inks = null,
        array $merges = [],
        array $leftOpen = [],
        array $splits = [],
        array $locks = [],
        array $palette = [],
    ): SpotRequest {
        return new SpotRequest(60.0, Srgb::fromHex(self::NAVY), new SpotPlan(inks: $inks, colours: new ColourDecisions(merges: $merges, leftOpen: $leftOpen, splits: $splits)), locks: $locks, palette: $palette);
    }

    /** @return list<string> */
    private static function printing(SpotPalette $colours): array
    {
        return array_map(static fn (int $i): string => $colours->palette->colours[$i]->colour->hex(), $colours->printing());
    }
}
