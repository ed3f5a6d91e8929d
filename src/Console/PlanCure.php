<?php

declare(strict_types=1);

namespace Ektype\App\Console;

use Ektype\App\Console\Asked\CureAsked;
use Ektype\Core\Cure\ImpossibleCure;
use Symfony\Component\Console\Attribute\AsCommand;

/** @extends JsonCommand<CureAsked> */
#[AsCommand('cure:plan', 'The belt speed that cures a film of ink through, and what the cloth says to it (JSON in, JSON out)')]
final class PlanCure extends JsonCommand
{
    protected function reads(): string
    {
        return CureAsked::class;
    }

    protected function answer(object $asked): array
    {
        $need = $asked->need() ?? throw ImpossibleCure::at('ink', 'This ink hardens in air or by itself: no belt is set for it.');
        $plan = $asked->plan($need);

        return [
            'cures' => $plan->cures,
            'belt_m_min' => round($plan->beltMMin, 3),
            'dwell_s' => round($plan->dwellS, 1),
            'through_c' => round($plan->curve->peakC, 1),
            'surface_c' => round($plan->curve->surfaceC, 1),
            'over_s' => $plan->curve->overS,
            'dry_s' => $plan->curve->dryS,
            'an_hour' => round($plan->anHour, 1),
            'says' => $plan->says,
        ];
    }
}
