<?php

declare(strict_types=1);

namespace Ektype\Tests\Core\Choice;

use Ektype\Core\Choice\MeshAdvice;
use Ektype\Core\Choice\MeshFigure;
use Ektype\Core\Choice\MeshQuestion;
use Ektype\Core\Choice\MeshSuggestion;
use Ektype\Core\Choice\PrintOnFrames;
use Ektype\Core\Choice\RackAssignment;
use Ektype\Core\Choice\RackFrame;
use Ektype\Core\Choice\RackPlate;
use Ektype\Core\Choice\UsualRange;
use Ektype\Core\Colour\Lab;
use Ektype\Core\Colour\Srgb;
use Ektype\Core\Ink\InkKind;
use Ektype\Core\Mesh\Mesh;
use Ektype\Core\Plate\PlateRole;
use Ektype\Core\Plate\Substrate;
use Ektype\Core\Plate\Tones;
use Ektype\Core\Unit\Sign;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Twenty jobs on three racks: what the art needs and what the rack has are one answer, and no page calls it wrong. */
final class OneAnswerTest extends TestCase
{
    private const RACKS = [
        'a small shop by hand' => ['43-80', '43-80', '61-64', '61-64', '61-64', '77-55', '77-55', '77-55'],
        'an automatic' => ['43-80', '55-64', '61-64', '61-64', '77-55', '77-55', '77-55', '90-48', '90-48', '100-40', '100-40', '120-34', '120-34', '120-34'],
        'one mesh for all' => ['55-64', '55-64', '55-64', '55-64', '55-64', '55-64', '55-64', '55-64'],
    ];

    /** @return iterable<string, array{list<string>}> */
    public static function racks(): iterable
    {
        foreach (self::RACKS as $name => $meshes) {
            yield $name => [$meshes];
        }
    }

    /**
     * Each plate: role, finest line and gap in mm, ruling, darkest and lightest tone; each job its garment, cloth and ink.
     *
     * @return array<string, list<MeshQuestion>>
     */
    private static function jobs(): array
    {
        $jobs = [];
        foreach (['#101010', '#f8f8f5'] as $garment) {
            $lab = Lab::of(Srgb::fromHex($garment));
            foreach ([InkKind::Plastisol, InkKind::WaterBased] as $ink) {
                $ask = static fn (PlateRole $role, ?float $line, ?float $gap = null, ?float $lpi = null): MeshQuestion => new MeshQuestion(
                    $role,
                    Substrate::Cotton,
                    $ink,
                    $line,
                    $lpi,
                    $lab,
                    finestGapMm: $gap,
                    tones: $lpi === null ? null : new Tones(0.03, 0.97),
                );
                $kind = "$garment, {$ink->value}: ";
                $jobs[$kind.'bold'] = [$ask(PlateRole::Base, null), $ask(PlateRole::Colour, null), $ask(PlateRole::Colour, 0.9)];
                $jobs[$kind.'tiny type'] = [$ask(PlateRole::Base, 0.06, 0.05), $ask(PlateRole::Colour, 0.06, 0.08)];
                $jobs[$kind.'crumbs'] = [$ask(PlateRole::Base, 0.02), $ask(PlateRole::Colour, 0.02, 0.02), $ask(PlateRole::Highlight, 0.02)];
                $jobs[$kind.'in tones'] = [$ask(PlateRole::Base, null, null, 55), $ask(PlateRole::Colour, null, null, 55), $ask(PlateRole::Highlight, null, null, 55)];
                $jobs[$kind.'a fine ruling'] = [$ask(PlateRole::Colour, null, null, 65), $ask(PlateRole::Colour, 0.1, 0.2, 65)];
            }
        }

        return $jobs;
    }

    /** @param list<string> $names */
    #[DataProvider('racks')]
    public function testNoAdviceIsCalledWrongWhereItStands(array $names): void
    {
        $print = new PrintOnFrames(250, 300, 280);
        $rack = [];
        foreach ($names as $i => $name) {
            [$threads, $um] = array_map(floatval(...), explode('-', $name));
            $rack["frame $i"] = new RackFrame("frame $i", new Mesh($threads, $um), 460, 560, 22);
        }
        foreach (self::jobs() as $job => $plates) {
            $choice = RackAssignment::best(
                array_map(static fn (MeshQuestion $q, int $i): RackPlate => new RackPlate("plate $i", $q), $plates, array_keys($plates)),
                array_values($rack),
                $print,
            );
            foreach ($plates as $i => $asks) {
                $row = $choice->plates[$i];
                if ($row->frame === null) {
                    // Nothing here prints a ruling of 65 through 140 per inch.
                    self::assertGreaterThan(60, $asks->lpi ?? 0.0, "$job, plate $i");
                    self::assertStringContainsString("No frame for plate $i: stretch one with ", implode(' ', $choice->missing));
                    continue;
                }
                $mesh = $rack[$row->frame]->mesh;
                $taken = MeshSuggestion::judge($mesh, $asks);
                $ideal = MeshSuggestion::rank($asks)[0];
                $advice = new MeshAdvice($taken, $row->frame, true, $ideal);
                self::assertNotSame(Sign::OutOfBounds, MeshFigure::of($asks, $advice)->sign, "$job, plate $i on $mesh->name");
                self::assertStringNotContainsString('too little ink', $ideal->why, "$job, plate $i: to stretch with {$ideal->mesh->name}");
                // White under colours gives its ink: nobody prints it through the finest.
                if ($asks->role === PlateRole::Base) {
                    self::assertLessThanOrEqual(255, $ideal->mesh->threadsPerInch(), "$job, plate $i");
                }
                // What the rack cannot hold is priced, and what to stretch holds more.
                if (!$taken->holds) {
                    self::assertStringContainsString('In the print it costs: ', $advice->price(), "$job, plate $i");
                }
                if (str_contains($advice->price(), 'stretch one with')) {
                    self::assertStringContainsString('stretch one with '.$ideal->mesh->name, $advice->price());
                    self::assertTrue(
                        $ideal->mesh->finestLineMm < $mesh->finestLineMm || $ideal->mesh->volumeCm3M2 > $mesh->volumeCm3M2,
                        "$job, plate $i: {$ideal->mesh->name} for $mesh->name",
                    );
                }
            }
        }
    }

    /** A crumb that nothing holds which gives its ink costs a base by how much more of it is lost than on the finest that does. */
    public function testWhatNoMeshHoldsCostsByHowMuchMoreIsLost(): void
    {
        $asks = new MeshQuestion(PlateRole::Base, Substrate::Cotton, InkKind::Plastisol, 0.02, null, Lab::of(new Srgb(16, 16, 16)));
        $usual = UsualRange::of($asks);
        foreach ([[61, 64], [77, 55], [90, 48]] as [$threads, $um]) {
            $mesh = new Mesh($threads, $um);
            // The finest within the range of a base under detail, 230 per inch, has 90 threads.
            self::assertEqualsWithDelta($usual->cost($mesh->threadsPerInch()) + log(90 / $threads, 2), MeshSuggestion::judge($mesh, $asks)->cost, 1e-3, $mesh->name);
        }
    }

    /** A frame that does not hold the plate is wrong where the rack has one that does, and only there. */
    public function testAWorseFrameThanTheRackHasIsCalledWrong(): void
    {
        $asks = new MeshQuestion(PlateRole::Colour, Substrate::Cotton, InkKind::Plastisol, 0.14, null, Lab::of(new Srgb(16, 16, 16)));
        [$coarse, $ideal] = [MeshSuggestion::judge(new Mesh(43, 80), $asks), MeshSuggestion::rank($asks)[0]];
        self::assertSame(Sign::OutOfBounds, MeshFigure::of($asks, new MeshAdvice($coarse, '3', true, $ideal, true))->sign);
        self::assertSame(Sign::Measured, MeshFigure::of($asks, new MeshAdvice($coarse, '3', true, $ideal, false))->sign);
        self::assertSame(Sign::Reckoned, MeshFigure::of($asks, new MeshAdvice($coarse, '3', false, $ideal))->sign);
        self::assertStringContainsString('lines thinner than 0.23 mm', (new MeshAdvice($coarse, '3', false, $ideal))->price());
    }
}
