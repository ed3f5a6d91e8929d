<?php

declare(strict_types=1);

namespace Ektype\Tests\App;

use Ektype\App\Plan\Codec;
use Ektype\App\Plan\Patch;
use Ektype\App\Plan\StoredPlan;
use Ektype\App\Shop\Job\KeptFindings;
use Ektype\Core\Colour\Srgb;
use Ektype\Core\Film\WeakPlace;
use Ektype\Core\Halftone\Dot;
use Ektype\Core\Method\Index\IndexPlan;
use Ektype\Core\Method\Layers\LayerEdge;
use Ektype\Core\Method\Layers\LayersPlan;
use Ektype\Core\Method\OneInk\OneInkPlan;
use Ektype\Core\Method\Process\AngleSchool;
use Ektype\Core\Method\Process\ProcessPlan;
use Ektype\Core\Method\Simulated\SimulatedPlan;
use Ektype\Core\Method\Spot\ColourDecisions;
use Ektype\Core\Method\Spot\SpotPlan;
use Ektype\Core\Method\Spot\Tint;
use Ektype\Core\Method\TwoTone\TwoTonePlan;
use Ektype\Core\Mix\BaseWay;
use Ektype\Core\Mix\Diffusion;
use Ektype\Core\Mix\InkProfile;
use Ektype\Core\Mix\InkWish;
use Ektype\Core\Mix\OrderSchool;
use Ektype\Core\Mix\PlateAngles;
use Ektype\Core\Mix\PlateCurves;
use Ektype\Core\Plate\Halftone;
use Ektype\Core\Plate\Laying;
use Ektype\Core\Plate\Tones;
use Ektype\Core\Separation\Findings;
use Ektype\Core\Separation\FoundColour;
use Ektype\Core\Separation\MethodName;
use Ektype\Core\Separation\NeighbourBudget;
use Ektype\Core\Separation\Positive;
use Ektype\Core\Separation\StrayShade;
use Ektype\Core\Separation\ThinPlace;
use Ektype\Core\Separation\WitnessSpot;
use Ektype\Core\Tone\Bend;
use Ektype\Core\Tone\PlannedDots;
use Ektype\Core\Tone\ToneWork;
use PHPUnit\Framework\TestCase;

/** What was decided and found comes back from the shop's database as it was, through the text that it is there. */
final class KeptPlanTest extends TestCase
{
    public function testAPlanComesBackWhole(): void
    {
        $plan = new SpotPlan(
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
                thicken: ['#aaaaaa' => 2.0],
                tints: ['#cccccc' => new Tint('#cccccc', '#111111', 0.4, 3.2, '#222222', 0.1)],
            ),
            locks: ['#777777' => 7],
            baseFrom: '#bbbbbb',
            positives: [new Positive('1/a.png', 'red', '#cc0000', null, 3, [new WeakPlace(1.5, 2, 0.75)])],
            tintDots: new Halftone(38.0, 27.5),
        );
        self::assertEquals($plan, StoredPlan::read(MethodName::from('spot'), self::throughText(StoredPlan::written($plan))));
        self::assertEquals(new SpotPlan(), StoredPlan::read(MethodName::from('spot'), self::throughText(StoredPlan::written(new SpotPlan()))));
        self::assertEquals(new SpotPlan(), StoredPlan::read(MethodName::from('spot'), []), 'a job that was never decided on');
    }

    /** Plans of many inks, each with all that can be decided set otherwise than it begins. */
    public function testPlansOfManyInksComeBackWhole(): void
    {
        $work = new ToneWork(4.0, 92.0, 1.2);
        $dots = new PlannedDots(new Halftone(52.0, 19.5), Dot::Ellipse, new Tones(0.05, 0.92));
        $wish = new InkWish([5, 2, 9], 6, [5], [7], BaseWay::Grey, true);
        foreach ([
            new SimulatedPlan($work, $dots, $wish, OrderSchool::AsListed, Laying::Twice, new PlateCurves(['Signal red' => 61.0]), angles: PlateAngles::One),
            new SimulatedPlan(),
            new IndexPlan($work, $wish, 176.0, Diffusion::BlueNoise),
            new ProcessPlan($work, $dots, AngleSchool::One, 0.7, 2.4, BaseWay::None),
            new ProcessPlan(profile: InkProfile::kept('coated.icc', base64_encode(str_repeat("\x10\x20\x30\x40", 17 ** 3)))),
            new LayersPlan($work, 3, [new Srgb(200, 180, 90), new Srgb(90, 120, 160)], LayerEdge::Grain),
            new LayersPlan(),
        ] as $plan) {
            self::assertEquals($plan, StoredPlan::read($plan->method(), self::throughText(StoredPlan::written($plan))));
        }
    }

    /** Films of a job that was separated before colours had several angles keep the one that they were made at. */
    public function testAPlanOfTheSecondVersionKeepsItsOneAngle(): void
    {
        $stored = self::throughText(StoredPlan::written(new SimulatedPlan()));
        unset($stored['angles']);
        $read = StoredPlan::read(MethodName::from('simulated'), ['version' => 2] + $stored);
        self::assertInstanceOf(SimulatedPlan::class, $read);
        self::assertSame(PlateAngles::One, $read->angles);
        self::assertEquals(new SimulatedPlan(), StoredPlan::read(MethodName::from('simulated'), $stored), 'one of today begins with several');
    }

    /** Plans as the first version wrote them down, side by side: each is read as what it said. */
    public function testPlansOfTheFirstVersionAreRaised(): void
    {
        $tones = ['version' => 1, 'darkest' => 4.0, 'lightest' => 92, 'middleTone' => 1.2, 'bend' => [['x' => 0, 'y' => 0], ['x' => 40, 'y' => 55.5], ['x' => 100, 'y' => 100]], 'crisp' => 0.25, 'grounds' => [['x' => 0.1, 'y' => 0.9]], 'reach' => 20, 'lpi' => 52.0, 'angleDeg' => 19.5, 'dot' => 'ellipse', 'range' => [0.05, 0.92]];
        $work = new ToneWork(4.0, 92.0, 1.2, new Bend([[40.0, 55.5]]), 0.25, [[0.1, 0.9]], reach: 20.0);
        $dots = new PlannedDots(new Halftone(52.0, 19.5), Dot::Ellipse, new Tones(0.05, 0.92));
        $wish = ['inks' => [5, 2, 9], 'screens' => 6, 'locked' => [5], 'forbidden' => [7], 'base' => 'grey', 'highlight' => true];
        $inks = new InkWish([5, 2, 9], 6, [5], [7], BaseWay::Grey, true);
        $nodes = base64_encode(str_repeat("\x10\x20\x30\x40", 17 ** 3));
        foreach ([
            [new OneInkPlan($work, $dots, 3), ['ink' => 3]],
            [new TwoTonePlan($work, $dots, 1, null, 0.2, null, laying: Laying::Twice), ['dark' => 1, 'light' => null, 'holdBackMm' => 0.2, 'middle' => null, 'laying' => 'two strokes']],
            [new SimulatedPlan($work, $dots, $inks, OrderSchool::AsListed, null, new PlateCurves(['Signal red' => 61.0]), angles: PlateAngles::One), [...$wish, 'order' => OrderSchool::AsListed->value, 'laying' => null, 'halves' => ['Signal red' => 61.0]]],
            [new ProcessPlan($work, $dots, AngleSchool::One, 0.7, 2.4, BaseWay::None, profile: InkProfile::kept('coated.icc', $nodes)), ['angles' => AngleSchool::One->value, 'black' => 0.7, 'total' => 2.4, 'base' => BaseWay::None->value, 'profile' => ['name' => 'coated.icc', 'nodes' => $nodes]]],
            [new IndexPlan($work, $inks, 176.0, Diffusion::BlueNoise), [...$wish, 'squaresDpi' => 176.0, 'diffusion' => Diffusion::BlueNoise->value]],
            [new LayersPlan($work, 2, [new Srgb(200, 180, 90), new Srgb(90, 120, 160)], LayerEdge::Grain), ['layers' => 2, 'tints' => ['#c8b45a', '#5a78a0'], 'edge' => LayerEdge::Grain->value]],
        ] as [$plan, $own]) {
            self::assertEquals($plan, StoredPlan::read($plan->method(), [...$tones, ...$own]));
        }
        self::assertEquals(
            new SpotPlan(5, 0.3, null, baseFrom: '#bbbbbb', tintDots: new Halftone(38.0, 27.5), colours: new ColourDecisions(merges: ['#111111' => '#222222'], tints: ['#cccccc' => new Tint('#cccccc', '#111111', 0.4, 3.0)])),
            StoredPlan::read(MethodName::from('spot'), ['version' => 1, 'method' => 'spot', 'inks' => 5, 'chokeMm' => 0.3, 'trapMm' => null, 'printGround' => false, 'merges' => ['#111111' => '#222222'], 'leftOpen' => [], 'baseFrom' => '#bbbbbb', 'tints' => [['hex' => '#cccccc', 'of' => '#111111', 'tone' => 0.4, 'deltaE' => 3]], 'tintLpi' => 38, 'tintAngleDeg' => 27.5, 'positives' => []]),
        );
    }

    /** What hangs together is settled: another rule chooses inks anew, inks that are named tell how many, so do tints. */
    public function testAPatchChangesWhatItNamesAndWhatHangsOnIt(): void
    {
        $plan = new SimulatedPlan(inks: new InkWish([4, 7], locked: [7]), order: OrderSchool::DarkToLight);
        $then = (new Patch(['inks' => ['forbidden' => [4]]]))->on($plan);
        self::assertNull($then->inks->inks, 'an ink that is ruled out is chosen for');
        self::assertSame([4, 7], (new Patch(['inks' => ['forbidden' => [3], 'locked' => [4]]]))->on($plan)->inks->inks, 'what they keep to changes nothing');
        self::assertNull((new Patch(['inks' => ['screens' => 3]]))->on($plan)->inks->inks, 'another number asks for another choice');
        self::assertSame([[7], [4], OrderSchool::DarkToLight], [$then->inks->locked, $then->inks->forbidden, $then->order]);
        $named = (new Patch(['inks' => ['inks' => [1, 2]]]))->on(new SimulatedPlan(inks: new InkWish(screens: 6)));
        self::assertSame([[1, 2], null], [$named->inks->inks, $named->inks->screens]);
        self::assertNull((new Patch(['inks' => ['inks' => []]]))->on($plan)->inks->inks, 'none lets them be chosen');
        $index = (new Patch(['inks' => ['inks' => [1, 2]], 'squaresDpi' => 180]))->on(new IndexPlan());
        self::assertSame([[1, 2], 180.0], [$index->inks->inks, $index->squaresDpi]);
        $tints = [new Srgb(1, 2, 3), new Srgb(9, 9, 9)];
        self::assertSame(2, (new Patch(['tints' => ['#010203', '#090909']]))->on(new LayersPlan())->layers);
        self::assertNull((new Patch(['layers' => 3]))->on(new LayersPlan(layers: 2, tints: $tints))->tints);
        self::assertEquals($tints, (new Patch(['edge' => LayerEdge::Grain->value]))->on(new LayersPlan(layers: 2, tints: $tints))->tints);
        $bent = (new Patch(['curves' => ['halves' => ['Red' => 60, 'Blue' => null]]]))->on(new SimulatedPlan(curves: new PlateCurves(['Blue' => 40.0, 'Grey' => 55.0])));
        self::assertEquals(['Grey' => 55.0, 'Red' => 60.0], $bent->curves->halves, 'by name: one more, one less, one stays');
        $process = (new Patch(['black' => 70, 'total' => 240, 'base' => null]))->on(new ProcessPlan(base: BaseWay::White));
        self::assertSame([0.7, 2.4, null], [$process->black, $process->total, $process->base], 'shares are told in per cent');
        self::assertSame([70.0, 240.0], [Codec::shown($process)['black'], Codec::shown($process)['total']]);
    }

    public function testAPlanOfANewerOneIsNotGuessedAt(): void
    {
        $this->expectException(\UnexpectedValueException::class);
        StoredPlan::read(MethodName::from('spot'), ['version' => StoredPlan::VERSION + 1] + StoredPlan::written(new SpotPlan()));
    }

    public function testABrokenPlanIsRefusedWithItsPlace(): void
    {
        try {
            StoredPlan::read(MethodName::from('spot'), ['locks' => ['#777777' => 'seven']] + StoredPlan::written(new SpotPlan()));
            self::fail('A lock that is no number was read.');
        } catch (\UnexpectedValueException $refused) {
            self::assertStringContainsString('locks', $refused->getMessage());
        }
    }

    public function testFindingsComeBackWhole(): void
    {
        $found = new Findings(
            [new FoundColour('#112233', 12.5, '#223344', true, 'as the cloth')],
            [new StrayShade('#111111', '#222222', 3.25, 0.5)],
            ['A line is thin.'],
            true,
            'flat',
            'few colours',
            budget: [new NeighbourBudget('red', 'navy', 0.35)],
            thinBase: [new ThinPlace(1.0, 2.0, 0.12, 4.0)],
            witnesses: [new WitnessSpot(10.5, 20.0, 2)],
            trapMm: 0.2,
        );
        self::assertEquals($found, KeptFindings::read(self::throughText(KeptFindings::written($found))));
        // As versions before wrote them.
        self::assertEquals($found, KeptFindings::read([
            'palette' => [['hex' => '#112233', 'share_pct' => 12.5, 'prints_as' => '#223344', 'left_open' => true, 'why_open' => 'as the cloth']],
            'strays' => [['stray' => '#111111', 'into' => '#222222', 'delta_e' => 3.25, 'area_pct' => 0.5]],
            'ground_left_open' => true,
            'warnings' => ['A line is thin.'],
            'kind' => 'flat',
            'kind_why' => 'few colours',
            'budget' => [['one' => 'red', 'two' => 'navy', 'mm' => 0.35]],
            'thin_base' => [[1, 2, 0.12, 4]],
            'witnesses' => [['x_mm' => 10.5, 'y_mm' => 20, 'plates' => 2]],
            'trap_mm' => 0.2,
        ]));
    }

    /**
     * @param array<string, mixed> $written
     *
     * @return array<string, mixed>
     */
    private static function throughText(array $written): array
    {
        $read = json_decode(json_encode($written, \JSON_THROW_ON_ERROR), true, 64, \JSON_THROW_ON_ERROR);
        self::assertIsArray($read);

        return $read;
    }
}
