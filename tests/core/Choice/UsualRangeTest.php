<?php

declare(strict_types=1);

namespace Ektype\Tests\Core\Choice;

use Ektype\Core\Choice\MeshQuestion;
use Ektype\Core\Choice\UsualRange;
use Ektype\Core\Colour\Lab;
use Ektype\Core\Colour\Srgb;
use Ektype\Core\Ink\InkKind;
use Ektype\Core\Plate\PlateRole;
use Ektype\Core\Plate\Substrate;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** The trade’s table of usual meshes, threads per inch. */
final class UsualRangeTest extends TestCase
{
    /** @return iterable<string, array{PlateRole, Substrate, InkKind, string, float|null, float|null, float, float}> */
    public static function table(): iterable
    {
        [$base, $colour, $highlight] = [PlateRole::Base, PlateRole::Colour, PlateRole::Highlight];
        [$cotton, $plastisol] = [Substrate::Cotton, InkKind::Plastisol];
        yield 'glitter' => [$colour, $cotton, InkKind::Glitter, '#101010', null, null, 25, 86];
        yield 'puff, fine' => [$colour, $cotton, InkKind::Puff, '#101010', 0.2, null, 25, 86];
        yield 'metallic on paper' => [$colour, Substrate::Paper, InkKind::Metallic, '#ffffff', null, null, 25, 86];
        yield 'paper' => [$colour, Substrate::Paper, InkKind::WaterBased, '#ffffff', null, null, 195, 305];
        yield 'rigid' => [$colour, Substrate::Rigid, InkKind::Solvent, '#ffffff', null, null, 255, 355];
        yield 'a bold base' => [$base, $cotton, $plastisol, '#101010', null, null, 110, 160];
        yield 'a base under detail' => [$base, $cotton, $plastisol, '#101010', 0.3, null, 180, 230];
        yield 'a base under tone' => [$base, $cotton, $plastisol, '#101010', null, 45.0, 180, 230];
        yield 'a base on white is a colour' => [$base, $cotton, $plastisol, '#ffffff', null, null, 110, 165];
        yield 'a highlight' => [$highlight, $cotton, $plastisol, '#101010', null, null, 160, 230];
        yield 'a fine highlight' => [$highlight, $cotton, $plastisol, '#101010', 0.4, null, 200, 255];
        yield 'tone' => [$colour, $cotton, $plastisol, '#101010', null, 45.0, 200, 305];
        yield 'fine' => [$colour, $cotton, $plastisol, '#101010', 0.5, null, 200, 255];
        yield 'just not fine' => [$colour, $cotton, $plastisol, '#101010', 0.51, null, 110, 165];
        yield 'bold' => [$colour, Substrate::Fleece, $plastisol, '#101010', null, null, 110, 165];
    }

    #[DataProvider('table')]
    public function testIsTheTradesTable(
        PlateRole $role,
        Substrate $substrate,
        InkKind $ink,
        string $garment,
        ?float $line,
        ?float $lpi,
        float $from,
        float $to,
    ): void {
        $usual = UsualRange::of(new MeshQuestion($role, $substrate, $ink, $line, $lpi, Lab::of(Srgb::fromHex($garment))));
        self::assertSame([$from, $to], [$usual->from, $usual->to]);
        self::assertEqualsWithDelta(0.0, $usual->cost(sqrt($from * $to)), 1e-12, 'its middle costs nothing');
        self::assertEqualsWithDelta(log(sqrt($to / $from), 2), $usual->cost($to), 1e-12);
        self::assertEqualsWithDelta($usual->cost($to) + 4.0, $usual->cost(2 * $to), 1e-12, 'a doubling beyond it costs four');
        self::assertEqualsWithDelta($usual->cost($from) + 4.0, $usual->cost($from / 2), 1e-12);
        self::assertStringStartsWith('coarser', $usual->says($from - 1));
        self::assertStringStartsWith('finer', $usual->says($to + 1));
        self::assertStringStartsWith('within', $usual->says($from));
    }
}
