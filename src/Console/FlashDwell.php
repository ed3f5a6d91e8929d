<?php

declare(strict_types=1);

namespace Ektype\App\Console;

use Ektype\App\Console\Asked\FlashAsked;
use Ektype\Core\Flash\FlashCurve;
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
        $learned = $asked->learned();
        $curve = $asked->curve($learned->times);
        $dwell = $curve->dwell();
        $seconds = $asked->seconds ?? $dwell?->timerS();

        return [
            'from_s' => $dwell === null ? null : round($dwell->fromS, 2),
            'to_s' => $dwell === null || !is_finite($dwell->toS) ? null : round($dwell->toS, 2),
            'aim_s' => $dwell === null ? null : round($dwell->timerS(), 2),
            'unsure_s' => $dwell === null ? null : [round($dwell->middleS / $learned->reach, 2), round($dwell->middleS * $learned->reach, 2)],
            'rests_on' => $learned->readings === 0 ? 'trade default' : \sprintf('%d readings of this shop', $learned->readings),
            'scorch_s' => $dwell?->scorchS === null ? null : round($dwell->scorchS, 2),
            ...$seconds === null ? ['does' => 'it never gels: bring the flash nearer, or take a stronger one'] : [
                'seconds' => round($seconds, 2),
                'surface_c' => round($curve->heated($seconds), 1),
                'does' => $curve->does($seconds),
                'cools_s' => round($curve->untilCool($seconds), 2),
            ],
            'why' => \sprintf('Heat through %.0f µm of ink, the cloth and the platen: from %.0f °C to %.0f to %.0f °C at the surface gels and does not cure. Touch it, or hold a probe on it: a reading narrows the interval.', $asked->filmUm, $asked->platenC, ...FlashCurve::GELLED_C),
        ];
    }
}
