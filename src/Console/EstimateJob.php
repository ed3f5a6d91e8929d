<?php

declare(strict_types=1);

namespace Ektype\App\Console;

use Ektype\App\Query\Run\SeeEstimate;
use Ektype\App\Shop\NotHere;
use Ektype\Core\Estimate\CostLine;
use Ektype\Core\Estimate\PriceAt;
use Ektype\Core\Unit\Refusal;
use Symfony\Component\Console\Attribute\Argument;
use Symfony\Component\Console\Attribute\AsCommand;
use Symfony\Component\Console\Attribute\Option;
use Symfony\Component\Console\Output\OutputInterface;

#[AsCommand('job:estimate', 'What a job of the shop costs, and its price by quantity')]
final readonly class EstimateJob
{
    public function __construct(private SeeEstimate $estimate)
    {
    }

    public function __invoke(OutputInterface $output, #[Argument('The number of the job')] int $job, #[Option('How many pieces; 0 for the order')] int $pieces = 0): int
    {
        try {
            $bench = $this->estimate->of($job, $pieces === 0 ? null : $pieces);
        } catch (Refusal|NotHere $not) {
            return Told::refuse($output, $not instanceof Refusal ? $not->on : 'job', $not->getMessage());
        }

        return Told::json($output, [
            'pieces' => $bench->estimate->pieces,
            'currency' => $bench->rates->currency,
            'cost_cents' => $bench->estimate->costCents,
            'cost_cents_low' => $bench->estimate->lowCents,
            'cost_cents_high' => $bench->estimate->highCents,
            'each_cents' => $bench->estimate->eachCents,
            'total_cents' => $bench->estimate->totalCents,
            'lines' => array_map(static fn (CostLine $l): array => ['what' => $l->what, 'minutes' => $l->minutes, 'cents' => $l->cents, 'says' => $l->says], $bench->estimate->lines),
            'curve' => array_map(static fn (PriceAt $p): array => ['pieces' => $p->pieces, 'each_cents' => $p->eachCents, 'total_cents' => $p->totalCents], $bench->curve),
            'says' => $bench->says,
        ]);
    }
}
