<?php

declare(strict_types=1);

namespace Ektype\App\Console;

use Ektype\App\Console\Asked\FlashAsked;
use Symfony\Component\Console\Attribute\AsCommand;

/** @extends JsonCommand<FlashAsked> */
#[AsCommand('flash:dwell', 'How long a print stays under the flash, and how long it cools (JSON in, JSON out)')]
final class FlashDwell extends JsonCommand
{
    protected function reads(): string
    {
        return FlashAsked::class;
    }

    protected function answer(object $asked): array
    {
        $curve = $asked->curve();
        $dwell = $curve->dwell();
        $seconds = $asked->seconds ?? $dwell?->aimS;

        return [
            'from_s' => $dwell === null ? null : round($dwell->fromS, 2),
            'to_s' => $dwell === null || !is_finite($dwell->toS) ? null : round($dwell->toS, 2),
            'aim_s' => $dwell === null ? null : round($dwell->aimS, 2),
            'scorch_s' => $dwell?->scorchS === null ? null : round($dwell->scorchS, 2),
            'heats_s' => round($curve->heatsS, 3),
            ...$seconds === null ? ['does' => 'it never gels: bring the flash nearer, or take a stronger one'] : [
                'seconds' => round($seconds, 2),
                'surface_c' => round($curve->heated($seconds), 1),
                'does' => $curve->does($seconds),
                'cools_s' => round($curve->untilCool($curve->heated($seconds)), 2),
            ],
        ];
    }
}
