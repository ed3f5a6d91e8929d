<?php

declare(strict_types=1);

namespace Ektype\App\Console;

use Ektype\Core\Cure\CureVerdict;
use Ektype\Core\Cure\ProbeLog;
use Ektype\Core\Ink\InkKind;
use Ektype\Core\Unit\Refusal;
use Symfony\Component\Console\Attribute\Argument;
use Symfony\Component\Console\Attribute\AsCommand;
use Symfony\Component\Console\Attribute\Option;
use Symfony\Component\Console\Output\OutputInterface;

#[AsCommand('cure:read', 'What the log of a dryer probe says of the cure')]
final readonly class ReadCure
{
    public function __invoke(OutputInterface $output, #[Argument('The table that the logger writes')] string $log, #[Option('The kind of ink')] string $ink = 'plastisol'): int
    {
        $kind = InkKind::tryFrom($ink);
        $need = $kind?->traits()->cure();
        if ($need === null) {
            return Told::refuse($output, 'ink', $kind === null ? \sprintf('“%s” is no kind of ink. Say plastisol or water-based.', $ink) : 'This ink hardens in air or by itself: no probe tells its cure.');
        }
        if (!is_file($log)) {
            return Told::refuse($output, 'log', \sprintf('There is no file “%s”. Name the table that the logger writes.', $log));
        }
        try {
            $read = ProbeLog::read((string) file_get_contents($log));
        } catch (Refusal $not) {
            return Told::refuse($output, $not->on, $not->getMessage());
        }
        $verdict = CureVerdict::of($read, $need);

        return Told::json($output, ['cured' => $verdict->cured, 'peak_c' => round($verdict->peakC, 1), 'over_s' => round($verdict->overS, 1), 'water_s' => $verdict->flatS, 'says' => $verdict->says, 'read' => $read->says]);
    }
}
