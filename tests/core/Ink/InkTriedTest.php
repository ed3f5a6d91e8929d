<?php

declare(strict_types=1);

namespace Ektype\Tests\Core\Ink;

use Ektype\Core\Ink\InkTried;
use Ektype\Core\Ink\UnreadableDrawdown;
use PHPUnit\Framework\TestCase;

final class InkTriedTest extends TestCase
{
    /** Layer by layer: each leaves 1 − h of what the last left, until 5 % is left. */
    public function testLayersAndPriceFollowFromTheDrawdown(): void
    {
        foreach ([['#e8e6e0', '#f2f1ec'], ['#a8a6a0', '#efeee8'], ['#707070', '#f0f0ec']] as [$black, $white]) {
            $ink = new InkTried('White', $black, $white, 4, 2000);
            $left = 1.0;
            $layers = 0;
            while ($left > 0.05 + 1e-12) {
                $left *= 1 - $ink->hiding;
                ++$layers;
            }
            self::assertSame((float) $layers, ceil($ink->layers - 1e-9));
            self::assertEqualsWithDelta($layers * 60.0 / 1000 * 2000, $ink->centsPerM2, 1e-9);
            self::assertStringContainsString($layers === 1 ? '1 layer' : $layers.' layers', $ink->says());
        }
    }

    public function testTheBestLiesFlatAndIsCheapestOnceItIsOpaque(): void
    {
        $strong = new InkTried('Strong', '#d8d6d0', '#f2f1ec', 4, 2400);
        $weak = new InkTried('Weak and cheap', '#808080', '#f0f0ec', 5, 400);
        $rough = new InkTried('Rough', '#d8d6d0', '#f2f1ec', 2, 300);
        $same = new InkTried('Dearer', '#d8d6d0', '#f2f1ec', 5, 2600);
        self::assertSame(['Strong', 'Dearer', 'Weak and cheap', 'Rough'], array_map(static fn (InkTried $i): string => $i->name, InkTried::ranked([$rough, $same, $weak, $strong])));
        self::assertSame([], InkTried::ranked([]));
    }

    public function testATrialThatTellsNothingIsRefusedAtItsField(): void
    {
        foreach (['name' => [' ', 4, 100], 'matDown' => ['White', 6, 100], 'centsPerKg' => ['White', 4, 0]] as $field => [$name, $flat, $cents]) {
            try {
                new InkTried($name, '#d8d6d0', '#f2f1ec', $flat, $cents);
                self::fail($field.' was taken');
            } catch (UnreadableDrawdown $refused) {
                self::assertSame($field, $refused->on);
            }
        }
    }
}
