<?php

declare(strict_types=1);

namespace Ektype\App\Console;

use Ektype\App\Console\Asked\OrderAsked;
use Ektype\Core\Press\OrderSearch;
use Ektype\Core\Press\ScoredOrder;
use Ektype\Core\Print\PrintLaw;
use Symfony\Component\Console\Attribute\AsCommand;

/** @extends JsonCommand<OrderAsked> */
#[AsCommand('press:order', 'The best order of printing and its flashes, beside those of the schools (JSON in, JSON out)')]
final class OrderPress extends JsonCommand
{
    protected function reads(): string
    {
        return OrderAsked::class;
    }

    protected function answer(object $asked): array
    {
        $plates = $asked->inOrder();
        $search = new OrderSearch($plates, $asked->garment(), $asked->flashes, $asked->terms());
        $job = $asked->toPrint();
        $told = static fn (ScoredOrder $of): array => [
            'order' => array_map(static fn (int $i): string => $plates[$i]->name, $of->order),
            'flash_after' => array_map(static fn (int $i): string => $plates[$i]->name, $of->flashAfter),
            'lifted' => round($of->lifted, 5),
            'shifted' => round($of->shifted, 5),
            'seconds' => round(PrintLaw::of($job->inOrder($of->order, $of->flashAfter))->rhythm->secondsAPiece, 1),
            'cost' => round($of->cost, 5),
            'why' => $search->reasons($of),
        ];

        return [
            'best' => $told($search->best()),
            'schools' => array_map($told, $search->schools()),
            ...$asked->order === [] ? [] : ['asked' => $told($search->of($asked->indices()))],
        ];
    }
}
