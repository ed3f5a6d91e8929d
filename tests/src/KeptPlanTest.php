<?php

declare(strict_types=1);

namespace Ektype\Tests\App;

use Ektype\App\Shop\Job\KeptFindings;
use Ektype\App\Shop\Job\KeptPlan;
use Ektype\App\Shop\Job\KeptTonePlan;
use Ektype\App\Shop\Kept;
use Ektype\App\Shop\UnreadableInput;
use Ektype\Core\Colour\Srgb;
use Ektype\Core\Film\WeakPlace;
use Ektype\Core\Halftone\Dot;
use Ektype\Core\Index\IndexPlan;
use Ektype\Core\Layers\LayersPlan;
use Ektype\Core\Mix\AngleSchool;
use Ektype\Core\Mix\BaseWay;
use Ektype\Core\Mix\Diffusion;
use Ektype\Core\Mix\InkProfile;
use Ektype\Core\Mix\InkWish;
use Ektype\Core\Mix\LayerEdge;
use Ektype\Core\Mix\OrderSchool;
use Ektype\Core\Mix\PlateCurves;
use Ektype\Core\Mix\ProcessPlan;
use Ektype\Core\Mix\SimulatedPlan;
use Ektype\Core\Plate\Halftone;
use Ektype\Core\Plate\Laying;
use Ektype\Core\Plate\Tones;
use Ektype\Core\Separation\Findings;
use Ektype\Core\Separation\FoundColour;
use Ektype\Core\Separation\NeighbourBudget;
use Ektype\Core\Separation\Positive;
use Ektype\Core\Separation\SpotPlan;
use Ektype\Core\Separation\StrayShade;
use Ektype\Core\Separation\ThinPlace;
use Ektype\Core\Separation\WitnessSpot;
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
            ['#111111' => '#222222'],
            ['#555555'],
            ['#666666'],
            ['#777777' => 7],
            ['#888888' => true],
            ['#888888' => false],
            ['#999999' => true],
            ['#aaaaaa' => 2.0],
            '#bbbbbb',
            [new Positive('1/a.png', 'red', '#cc0000', null, 3, [new WeakPlace(1.5, 2, 0.75)])],
        );
        self::assertEquals($plan, KeptPlan::read(self::throughText(KeptPlan::written($plan))));
        self::assertEquals(new SpotPlan(), KeptPlan::read(self::throughText(KeptPlan::written(new SpotPlan()))));
        self::assertEquals(new SpotPlan(), KeptPlan::read([]), 'a job that was never decided on');
    }

    /** Plans of many inks, each with all that can be decided set otherwise than it begins. */
    public function testPlansOfManyInksComeBackWhole(): void
    {
        $work = new ToneWork(4.0, 92.0, 1.2);
        $dots = new PlannedDots(new Halftone(52.0, 19.5), Dot::Ellipse, new Tones(0.05, 0.92));
        $wish = new InkWish([5, 2, 9], 6, [5], [7], BaseWay::Grey, true);
        foreach ([
            new SimulatedPlan($work, $dots, $wish, OrderSchool::AsListed, Laying::Twice, new PlateCurves(['Signal red' => 61.0])),
            new SimulatedPlan(),
            new IndexPlan($work, $wish, 176.0, Diffusion::BlueNoise),
            new ProcessPlan($work, $dots, AngleSchool::One, 0.7, 2.4, BaseWay::None),
            new ProcessPlan(profile: InkProfile::kept('coated.icc', base64_encode(str_repeat("\x10\x20\x30\x40", 17 ** 3)))),
            new LayersPlan($work, 3, [new Srgb(200, 180, 90), new Srgb(90, 120, 160)], LayerEdge::Grain),
            new LayersPlan(),
        ] as $plan) {
            self::assertEquals($plan, KeptTonePlan::read($plan->method(), Kept::of(self::throughText(KeptTonePlan::written($plan)))));
        }
    }

    public function testAPlanOfANewerOneIsNotGuessedAt(): void
    {
        $this->expectException(\UnexpectedValueException::class);
        KeptPlan::read(['version' => KeptPlan::VERSION + 1] + KeptPlan::written(new SpotPlan()));
    }

    public function testABrokenPlanIsRefusedWithItsPlace(): void
    {
        try {
            KeptPlan::read(['locks' => ['#777777' => 'seven']] + KeptPlan::written(new SpotPlan()));
            self::fail('A lock that is no number was read.');
        } catch (UnreadableInput $refused) {
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
            [new NeighbourBudget('red', 'navy', 0.35)],
            [new ThinPlace(1.0, 2.0, 0.12, 4.0)],
            [new WitnessSpot(10.5, 20.0, 2)],
            0.2,
        );
        self::assertEquals($found, KeptFindings::read(self::throughText(KeptFindings::written($found))));
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
