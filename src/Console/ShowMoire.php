<?php

declare(strict_types=1);

namespace Ektype\App\Console;

use Ektype\App\Console\Asked\MoireAsked;
use Ektype\App\Console\Asked\RulingAsked;
use Ektype\Core\Mesh\Moire;
use Ektype\Core\Mesh\MoireBeat;
use Ektype\Core\Mesh\MoireSetting;
use Ektype\Core\Plate\Halftone;
use Symfony\Component\Console\Attribute\AsCommand;

/** @extends JsonCommand<MoireAsked> */
#[AsCommand('mesh:moire', 'The beat of a ruling and angle with a mesh, and the calmest settings near (JSON in, JSON out)')]
final class ShowMoire extends JsonCommand
{
    private const SHOWN = 5;

    protected function reads(): string
    {
        return MoireAsked::class;
    }

    protected function answer(object $asked): array
    {
        $moire = new Moire($asked->mesh->mesh(), $asked->meshAngle, $asked->tone);
        $beats = $moire->beats($asked->lpi, $asked->angle);
        $own = new Halftone($asked->lpi, $asked->angle);

        return [
            'score' => round($moire->score($asked->lpi, $asked->angle), 3),
            'period_mm' => self::period($beats),
            'beats' => array_map(
                static fn (MoireBeat $b): array => ['period_mm' => round($b->periodMm, 3), 'contrast_pct' => round(100 * $b->contrast, 3)],
                \array_slice($beats, 0, self::SHOWN),
            ),
            'neighbours' => array_map(
                static fn (MoireSetting $s): array => [
                    'lpi' => $s->lpi,
                    'angle' => $s->angle,
                    'score' => $s->score,
                    'period_mm' => $s->periodMm,
                ],
                $moire->calmest($asked->lpi, $asked->angle),
            ),
            'between_plates' => array_map(static fn (RulingAsked $other): array => self::between($own, $other), $asked->others),
        ];
    }

    /** @return array<string, mixed> */
    private static function between(Halftone $own, RulingAsked $other): array
    {
        $beats = Moire::betweenPlates($own, $other->halftone());

        return [
            'lpi' => $other->lpi,
            'angle' => $other->angle,
            'score' => round(Moire::scoreOf($beats), 3),
            'period_mm' => self::period($beats),
        ];
    }

    /** @param list<MoireBeat> $beats */
    private static function period(array $beats): ?float
    {
        return $beats === [] ? null : round($beats[0]->periodMm, 3);
    }
}
