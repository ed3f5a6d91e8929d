<?php

declare(strict_types=1);

namespace Ektype\Tests\Core\Tone;

use Ektype\Core\Colour\Lab;
use Ektype\Core\Colour\Srgb;
use Ektype\Core\Plate\Tones;
use Ektype\Core\Separation\GivenInk;
use Ektype\Core\Tone\InkTones;
use PHPUnit\Framework\TestCase;

/** What one ink on its garment cannot show is told with its share of the picture. */
final class InkTonesTest extends TestCase
{
    public function testDarkerAndLighterThanThePrintAreTold(): void
    {
        // A middle grey on pale cloth: nothing darker than the ink, nothing lighter than the cloth.
        $cloth = new Srgb(220, 220, 220);
        $tones = new InkTones($cloth, [new GivenInk('Slate', new Srgb(90, 90, 90), 1.0)]);
        [$darkest, $lightest] = [Lab::of(new Srgb(90, 90, 90))->l, Lab::of($cloth)->l];
        $lights = [0 => 30, (int) round(2.55 * ($darkest + $lightest) / 2) => 50, 255 => 20];
        self::assertSame([
            \sprintf('30 %% of the picture is darker than Slate can be (L* %.0f): it prints as one tone.', $darkest),
            \sprintf('20 %% of the picture is lighter than the garment can be (L* %.0f): it prints as one tone.', $lightest),
        ], $tones->says($lights));
        self::assertSame([], $tones->says([(int) round(2.55 * $darkest) => 1, (int) round(2.55 * $lightest) => 1]));
    }

    public function testTonesThatAMeshDoesNotHoldAreToldByHowFarTheyMove(): void
    {
        $tones = new InkTones(new Srgb(255, 255, 255), [new GivenInk('Black', new Srgb(0, 0, 0), 1.0)], new Tones(0.2, 0.8));
        self::assertStringContainsString('brought to 20 to 80 %', $tones->says([(int) round(2.55 * 96) => 5, 128 => 5])[0] ?? '');
        // Half the ink by Murray and Davies with n = 1.7: (1 - a)^1.7 of the light.
        [$covers] = $tones->wished(50.0);
        self::assertEqualsWithDelta(50.0, Lab::of(Srgb::fromLinear(array_fill(0, 3, (1 - $covers) ** 1.7)))->l, 0.6);
    }
}
