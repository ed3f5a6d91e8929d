<?php

declare(strict_types=1);

namespace Ektype\Tests\Core\Mix;

use Ektype\Core\Mix\MixSteps;
use Ektype\Core\Plate\PlateRole;
use Ektype\Core\Press\PrintStep;
use Ektype\Core\Separation\MethodName;
use PHPUnit\Framework\TestCase;

/** Plates of many inks print as their method says; of few, lightness decides. */
final class MixStepsTest extends TestCase
{
    public function testOnlyMethodsOfManyInksKnowTheirOrder(): void
    {
        $roles = [PlateRole::Base, PlateRole::Colour, PlateRole::Colour, PlateRole::Highlight];
        $ordered = [];
        foreach (MethodName::cases() as $method) {
            $steps = MixSteps::of($method, $roles);
            if ($steps === null) {
                continue;
            }
            $ordered[] = $method->value;
            self::assertSame([0, 1, 2, 3], array_map(static fn (PrintStep $s): int => $s->plate, $steps));
            self::assertFalse($steps[3]->flashAfter, 'the last goes straight to the dryer');
        }
        self::assertSame(['simulated', 'process', 'index', 'layers'], $ordered);
    }

    public function testABaseAndWhatLiesBeforeAHighlightAreFlashed(): void
    {
        $steps = MixSteps::of(MethodName::from('simulated'), [PlateRole::Base, PlateRole::Colour, PlateRole::Colour, PlateRole::Highlight]) ?? [];
        self::assertSame([true, false, true, false], array_map(static fn (PrintStep $s): bool => $s->flashAfter, $steps));
        self::assertStringContainsString('The base goes down first', $steps[0]->reason);
        self::assertStringContainsString('wet on wet', strtolower($steps[1]->flashReason));
        self::assertStringContainsString('highlight white stays clean', $steps[2]->flashReason);
        self::assertStringContainsString('prints last', $steps[3]->reason);
    }

    public function testEachMethodSaysWhyAColourStandsWhereItDoes(): void
    {
        $colour = static fn (string $method): string => (MixSteps::of(MethodName::from($method), [PlateRole::Colour, PlateRole::Colour]) ?? [])[1]->reason ?? '';
        self::assertStringContainsString('Yellow, magenta, cyan, black', $colour('process'));
        self::assertStringContainsString('the lightest first', $colour('index'));
        self::assertStringContainsString('hides a little of what lies below', $colour('simulated'));
        $layers = MixSteps::of(MethodName::from('layers'), [PlateRole::Colour, PlateRole::Colour, PlateRole::Colour]) ?? [];
        self::assertStringContainsString('The first layer on the paper', $layers[0]->reason);
        self::assertStringContainsString('multiplies what lies below', $layers[1]->reason);
        self::assertSame([false, false, false], array_map(static fn (PrintStep $s): bool => $s->flashAfter, $layers), 'layers dry, they are not flashed');
        self::assertSame(['Each layer dries before the next.', 'Each layer dries before the next.', 'Last layer: let it dry.'], array_map(static fn (PrintStep $s): string => $s->flashReason, $layers));
    }
}
