<?php

declare(strict_types=1);

namespace Ektype\Tests\Core\StrikeOff;

use Ektype\Core\Colour\Lab;
use Ektype\Core\Ink\InkKind;
use Ektype\Core\Mesh\Mesh;
use Ektype\Core\Plate\Laying;
use Ektype\Core\Plate\PlateRole;
use Ektype\Core\Plate\Substrate;
use Ektype\Core\Print\ByHand;
use Ektype\Core\Print\Cloth;
use Ektype\Core\Print\Drawn;
use Ektype\Core\Print\FrameAtHand;
use Ektype\Core\Print\InkToPrint;
use Ektype\Core\Print\JobToPrint;
use Ektype\Core\Print\PlatePrint;
use Ektype\Core\Print\PlateToPrint;
use Ektype\Core\Print\PressAtHand;
use Ektype\Core\Print\PrintLaw;
use Ektype\Core\Print\SizeOfPrint;
use Ektype\Core\Separation\MethodName;
use Ektype\Core\StrikeOff\ColourOff;
use Ektype\Core\StrikeOff\ColourSign;
use Ektype\Core\StrikeOff\Correction;
use Ektype\Core\StrikeOff\MadeAgain;
use PHPUnit\Framework\TestCase;

/** What a hand does about a colour, its figures worked out here. */
final class ColourOffTest extends TestCase
{
    public function testWhatMakesTheLeastAgainStandsFirst(): void
    {
        foreach (ColourSign::cases() as $sign) {
            foreach ([true, false] as $tones) {
                $again = array_map(static fn (Correction $c): int => (int) array_search($c->again, MadeAgain::cases(), true), self::off(Laying::Twice, tones: $tones)->corrections($sign));
                $sorted = $again;
                sort($sorted);
                self::assertSame($sorted, $again, $sign->value);
                self::assertNotSame([], $again, $sign->value);
            }
        }
    }

    /** 200 g: 20 g of extender. A coat of nine tenths of the pigment lets (1 − h)^0.9 of what lies below through. */
    public function testExtenderIsWeighedAndThinsTheCoat(): void
    {
        $wet = 0.8 * self::volume(77, 55);
        $then = 100 * (1 - 0.2 ** (0.9 * $wet / 30.4));
        $now = 100 * (1 - 0.2 ** ($wet / 30.4));
        $thin = self::off(Laying::Once)->corrections(ColourSign::Strong)[0];
        self::assertSame('Thin it with 10 % of extender by weight', $thin->what);
        self::assertStringContainsString('20 g of extender to 180 g of ink', $thin->does);
        self::assertStringContainsString(\sprintf('it hides %.0f %% in place of %.0f', $then, $now), $thin->does);
        self::assertStringContainsString('25 % at the most', $thin->does);
        self::assertSame([MadeAgain::Ink, '10 % extender by weight'], [$thin->again, $thin->onPot]);
    }

    public function testStrokesGoDownWhereItIsStrongAndUpWhereItIsThin(): void
    {
        $wet = 0.8 * self::volume(77, 55);
        $fewer = self::off(Laying::Twice)->corrections(ColourSign::Strong)[0];
        self::assertSame('One stroke in place of two strokes', $fewer->what);
        self::assertStringStartsWith(\sprintf('%.0f µm wet in place of %.0f', $wet, 1.25 * $wet), $fewer->does);
        self::assertSame(MadeAgain::Nothing, $fewer->again);
        $more = self::off(Laying::Once)->corrections(ColourSign::Thin)[0];
        self::assertSame('Print, flash, print in place of one stroke', $more->what);
        self::assertStringContainsString(\sprintf('it hides %.0f %%', 100 * (1 - 0.2 ** (2 * $wet / 30.4))), $more->does);
        self::assertStringNotContainsString('in place of print', implode(' ', self::whats(self::off(Laying::PrintFlashPrint), ColourSign::Thin)), 'more than twice nobody lays');
    }

    public function testAMeshIsTakenOfThoseThatLayWorthwhileLessOrMore(): void
    {
        $off = self::off(Laying::Once);
        // Of 29 µm: 90–48 lays a sixth less, 120–34 more than half less, 80–55 hardly less; 61–64 more.
        self::assertSame(['A screen on 90–48 in place of 77–55'], array_values(array_filter(self::whats($off, ColourSign::Strong), static fn (string $w): bool => str_contains($w, 'screen'))));
        $finer = array_values(array_filter($off->corrections(ColourSign::Strong), static fn (Correction $c): bool => $c->again === MadeAgain::Screen))[0];
        self::assertStringStartsWith(\sprintf('%.0f µm wet in place of %.0f', 0.8 * self::volume(90, 48), 0.8 * self::volume(77, 55)), $finer->does);
        self::assertSame(['A screen on 61–64 in place of 77–55'], array_values(array_filter(self::whats($off, ColourSign::Thin), static fn (string $w): bool => str_contains($w, 'screen'))));
        self::assertSame([], array_filter(self::whats(self::off(Laying::Once, meshes: []), ColourSign::Strong), static fn (string $w): bool => str_contains($w, 'screen')));
    }

    public function testOnlyDotsHaveACurveAndOnlySolvedOnesHangOnTheirOrder(): void
    {
        $again = static fn (ColourOff $of, ColourSign $sign): array => array_map(static fn (Correction $c): MadeAgain => $c->again, $of->corrections($sign));
        self::assertContains(MadeAgain::Film, $again(self::off(Laying::Once, tones: true), ColourSign::Strong));
        self::assertNotContains(MadeAgain::Film, $again(self::off(Laying::Once), ColourSign::Strong));
        self::assertContains(MadeAgain::Register, $again(self::off(Laying::Once), ColourSign::Tints));
        self::assertContains(MadeAgain::Plates, $again(self::off(Laying::Once, solved: true), ColourSign::Tints));
        self::assertStringContainsString('Lower its curve', implode(' ', self::whats(self::off(Laying::Once, tones: true), ColourSign::Fills)));
        self::assertStringContainsString('Raise its curve', implode(' ', self::whats(self::off(Laying::Once, tones: true), ColourSign::Loses)));
        self::assertSame([true, true, false, false, false], array_map(static fn (ColourSign $s): bool => $s->isOfDots(), array_reverse(ColourSign::cases())));
    }

    public function testAClearInkIsNotToldToCover(): void
    {
        self::assertStringNotContainsString('flash, print', implode(' ', self::whats(self::off(Laying::Once, hiding: 0.1), ColourSign::Thin)));
    }

    /** @return list<string> */
    private static function whats(ColourOff $of, ColourSign $sign): array
    {
        return array_map(static fn (Correction $c): string => $c->what, $of->corrections($sign));
    }

    /** @param list<Mesh>|null $meshes */
    private static function off(Laying $laying, bool $tones = false, bool $solved = false, float $hiding = 0.8, ?array $meshes = null): ColourOff
    {
        return new ColourOff(self::print($laying), new Mesh(77, 55), $hiding, 200.0, $tones, $meshes ?? [new Mesh(61, 64), new Mesh(80, 55), new Mesh(90, 48), new Mesh(120, 34)], $solved);
    }

    private static function print(Laying $laying): PlatePrint
    {
        $plate = new PlateToPrint(1, 'Rust', PlateRole::Colour, new InkToPrint('Rust', InkKind::Plastisol, new Lab(45, 40, 40)), new Drawn(new Lab(45, 40, 40), 100.0, 0.2), new Mesh(77, 55), frame: FrameAtHand::usual(), byHand: new ByHand(laying: $laying));

        return PrintLaw::of(new JobToPrint([$plate], new Cloth(new Lab(95, 0, 0), Substrate::Cotton), PressAtHand::none(), MethodName::usual(), new SizeOfPrint(200, 200), true))->plates[0];
    }

    /** cm³/m²: open area times thickness, of 1.6 threads. */
    private static function volume(float $perCm, float $thread): float
    {
        $pitch = 10000 / $perCm;

        return (($pitch - $thread) / $pitch) ** 2 * 1.6 * $thread;
    }
}
