<?php

declare(strict_types=1);

namespace Ektype\Tests\Core\Ink;

use Ektype\Core\Exposure\EmulsionKind;
use Ektype\Core\Ink\InkKind;
use Ektype\Core\Plate\PlateRole;
use Ektype\Core\Plate\Substrate;
use Ektype\Core\Press\CureCautions;
use Ektype\Core\Press\InkSuits;
use PHPUnit\Framework\TestCase;

final class HardGoodsTest extends TestCase
{
    public function testTwoPartInkIsWeighedHasAPotLifeAndIsTriedByACrossCut(): void
    {
        $says = self::suits(InkKind::TwoPart, Substrate::Rigid);
        foreach (['weigh ink and hardener', 'pot life', 'cross-cut', 'free of grease', 'solvent-proof emulsion'] as $of) {
            self::assertStringContainsString($of, $says);
        }
        self::assertStringNotContainsString('cross-cut', self::suits(InkKind::TwoPart, Substrate::Nylon));
    }

    public function testGarmentInkOnAPanelIsNotAdvised(): void
    {
        self::assertStringContainsString('never dries on a hard panel', self::suits(InkKind::Plastisol, Substrate::Rigid));
        self::assertStringNotContainsString('Stir plastisol', self::suits(InkKind::Plastisol, Substrate::Rigid));
        self::assertStringContainsString('cracks', self::suits(InkKind::Panel, Substrate::Cotton));
        self::assertStringContainsString('scratch it with a nail', self::suits(InkKind::Panel, Substrate::Rigid));
    }

    /** No run goes without a word on how its ink hardens and what hurts, whatever ink and cloth. */
    public function testEveryInkOnEveryClothHasItsCureAndItsCaution(): void
    {
        foreach (InkKind::cases() as $ink) {
            foreach (Substrate::cases() as $on) {
                $of = $ink->traits()->cautions($on);
                self::assertNotSame([], $of, $ink->value.' on '.$on->value);
                self::assertGreaterThan(\count($of), \count(CureCautions::of([$ink], $on, false)), 'and one of the cloth');
            }
        }
        self::assertStringContainsString('Hot stacks ghost', implode(' ', CureCautions::of([InkKind::Transparent], Substrate::Cotton, false)));
        self::assertStringContainsString('Fleece can burn', implode(' ', CureCautions::of([InkKind::Plastisol], Substrate::Fleece, true)));
        self::assertStringNotContainsString('Fleece', implode(' ', CureCautions::of([InkKind::Plastisol], Substrate::Cotton, true)));
    }

    public function testWhatIsDoneWithAnEmulsionIsOfItsKind(): void
    {
        self::assertStringContainsString('bubbles are gone', implode(' ', EmulsionKind::Diazo->prepared()));
        self::assertStringContainsString('from one edge on without air', implode(' ', EmulsionKind::CapillaryFilm->prepared()));
        self::assertStringNotContainsString('sensitiser', strtolower(implode(' ', EmulsionKind::Photopolymer->prepared())));
    }

    private static function suits(InkKind $ink, Substrate $on): string
    {
        return implode(' ', InkSuits::says(['Black'], [$ink], [PlateRole::Colour], $on));
    }
}
