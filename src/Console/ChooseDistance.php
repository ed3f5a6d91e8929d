<?php

declare(strict_types=1);

namespace Ektype\App\Console;

use Ektype\App\Console\Asked\DistanceAsked;
use Ektype\Core\Lamp\LampDistance;
use Symfony\Component\Console\Attribute\AsCommand;

/** @extends JsonCommand<DistanceAsked> */
#[AsCommand('exposure:distance', 'How far a point lamp should stand from a frame: evenness, the time that results, what lines survive (JSON in, JSON out)')]
final class ChooseDistance extends JsonCommand
{
    protected function reads(): string
    {
        return DistanceAsked::class;
    }

    protected function answer(object $asked): array
    {
        return [
            'chosen' => self::told($asked->chosen()),
            'others' => array_map(self::told(...), $asked->others()),
        ];
    }

    /** @return array<string, mixed> */
    private static function told(LampDistance $at): array
    {
        return [
            'distance_mm' => $at->distanceMm,
            'corner_pct' => round(100 * $at->corner, 2),
            'seconds' => round($at->seconds, 3),
            'penumbra_mm' => round($at->penumbra->mm, 4),
            'choke_mm' => round($at->penumbra->chokeMm(), 4),
            'says' => $at->says(),
        ];
    }
}
