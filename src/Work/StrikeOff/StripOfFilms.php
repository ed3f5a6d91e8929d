<?php

declare(strict_types=1);

namespace Ektype\App\Work\StrikeOff;

use Ektype\App\Shop\Kept;
use Ektype\App\Shop\UnreadableInput;
use Ektype\Core\Colour\Srgb;
use Ektype\Core\Film\RegisterSlot;
use Ektype\Core\StrikeOff\StripPlan;
use Ektype\Core\StrikeOff\StripPlate;
use Ektype\Core\StrikeOff\UnreadableStrikeOff;
use Ektype\Core\Unit\Point;
use Ektype\Core\Unit\Refusal;

/** The register strip of a film set, as its manifest tells it. */
final class StripOfFilms
{
    private const MOST_PLATES = 24;

    /**
     * @throws Refusal where it is no manifest, or its films have no strip
     */
    public static function read(string $manifest): StripPlan
    {
        try {
            $kept = Kept::fromJson($manifest);
            if ($kept->has('plates') && !$kept->has('register_strip')) {
                throw UnreadableStrikeOff::at('manifest', 'These films carry no register strip: one plate has none, a small print has no room for it, and films of earlier versions had none. Read the strike-off at its marks under a loupe, or write the films again.');
            }
            $strip = $kept->object('register_strip');
            $plates = array_map(static fn (Kept $p): StripPlate => new StripPlate($p->text('name'), Srgb::fromHex($p->text('hex'))), $kept->objects('plates'));
            if ($plates === [] || \count($plates) > self::MOST_PLATES) {
                throw UnreadableStrikeOff::at('manifest', 'The manifest names no plates. Give the manifest.json that lies beside the films.');
            }
            $spots = [];
            foreach (['top left', 'top right', 'bottom right'] as $corner) {
                $spots[$corner] = self::point($strip->object('spots')->pair($corner));
            }

            return new StripPlan(
                $plates,
                Srgb::fromHex($kept->text('garment')),
                array_map(static fn (Kept $t): RegisterSlot => new RegisterSlot($t->text('corner'), $t->whole('plate', 2, \count($plates)) - 1, self::point($t->pair('at_mm'))), $strip->objects('targets')),
                $spots,
                array_map(static fn (mixed $p): Point => self::point(Kept::of(['dot' => $p])->pair('dot')), array_values($strip->lists('dots'))),
                $strip->whole('code', 0, 255),
            );
        } catch (UnreadableInput $not) {
            throw UnreadableStrikeOff::at('manifest', 'This is no manifest of a film set: '.$not->getMessage());
        }
    }

    /** @param array{float, float} $pair */
    private static function point(array $pair): Point
    {
        return new Point($pair[0], $pair[1]);
    }
}
