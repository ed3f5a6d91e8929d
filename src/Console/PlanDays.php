<?php

declare(strict_types=1);

namespace Ektype\App\Console;

use Ektype\App\Query\Days\JobInDays;
use Ektype\App\Query\Days\SeeDays;
use Symfony\Component\Console\Attribute\AsCommand;
use Symfony\Component\Console\Attribute\Option;
use Symfony\Component\Console\Output\OutputInterface;

#[AsCommand('days:plan', 'Open jobs over days and presses; --ics writes a calendar (RFC 5545)')]
final readonly class PlanDays
{
    public function __construct(private SeeDays $days)
    {
    }

    public function __invoke(OutputInterface $output, #[Option('As a calendar')] bool $ics = false): int
    {
        if ($ics) {
            $output->write($this->days->calendar(), false, OutputInterface::OUTPUT_RAW);

            return 0;
        }
        $bench = $this->days->plan();

        return Told::json($output, [
            'starts' => $bench->starts,
            'late_min' => round($bench->lateMin, 1),
            'first_come_late_min' => round($bench->firstMin, 1),
            'jobs' => array_map(static fn (JobInDays $j): array => ['job' => $j->id, 'name' => $j->name, 'press' => $j->press, 'start_min' => round($j->startMin, 1), 'end_min' => round($j->endMin, 1), 'due_min' => $j->dueMin, 'late_min' => round($j->lateMin, 1), 'begin_by_min' => $j->beginMin, 'screens_by_min' => $j->screenMin, 'can_be' => $j->canBe], $bench->jobs),
            'says' => $bench->says,
        ]);
    }
}
