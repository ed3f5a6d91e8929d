<?php

declare(strict_types=1);

namespace Ektype\App\Console;

use Ektype\App\Console\Asked\PressLogAsked;
use Ektype\Core\Registration\Drag;
use Ektype\Core\Registration\LearnedKnob;
use Symfony\Component\Console\Attribute\AsCommand;

/** @extends JsonCommand<PressLogAsked> */
#[AsCommand('register:learn', 'What a press has shown of its knobs and its drag (JSON in, JSON out)')]
final class LearnRegister extends JsonCommand
{
    protected function reads(): string
    {
        return PressLogAsked::class;
    }

    protected function answer(object $asked): array
    {
        $drag = new Drag($asked->dragSeen());

        return [
            'knobs' => array_map(static fn (LearnedKnob $k): array => [
                'name' => $k->name,
                'mm_per_turn' => round($k->mmPerTurn, 4),
                'give_or_take_mm' => round($k->reachMm, 4),
                'play_mm' => round($k->playMm, 4),
                'corrections' => $k->pairs,
                'turns_the_other_way' => $k->turnsTheOtherWay,
                'says' => $k->says(),
            ], $asked->learned()),
            'drag' => array_map(static function (string $ink) use ($drag): array {
                [$mm, $reach] = $drag->of($ink, 2.5, 22.0);

                return ['ink' => $ink, 'along_stroke_mm' => round($mm, 4), 'give_or_take_mm' => round($reach, 4)];
            }, $asked->inks()),
        ];
    }
}
