<?php

declare(strict_types=1);

namespace Ektype\App\Console;

use Ektype\App\Work\StrikeOff\ScannedStrikeOff;
use Ektype\App\Work\StrikeOff\StripOfFilms;
use Ektype\Core\Registration\Reading;
use Ektype\Core\StrikeOff\StrikeOffRead;
use Ektype\Core\StrikeOff\StripPlan;
use Ektype\Core\StrikeOff\TargetRead;
use Ektype\Core\StrikeOff\UnreadableStrikeOff;
use Ektype\Core\Unit\Refusal;
use Symfony\Component\Console\Attribute\AsCommand;
use Symfony\Component\Console\Command\Command;
use Symfony\Component\Console\Input\InputArgument;
use Symfony\Component\Console\Input\InputInterface;
use Symfony\Component\Console\Input\InputOption;
use Symfony\Component\Console\Output\OutputInterface;

#[AsCommand('register:read', 'How far each plate is off the key, from the scan of a strike-off whose films carry a register strip (JSON)')]
final class ReadRegister extends Command
{
    protected function configure(): void
    {
        $this->addArgument('scan', InputArgument::REQUIRED, 'JPEG, PNG or TIFF, 300 to 600 pixels an inch')
            ->addArgument('manifest', InputArgument::REQUIRED, 'The manifest.json of the films that were printed')
            ->addOption('ppi', null, InputOption::VALUE_REQUIRED, 'Pixels an inch of the scan, where the file does not say them');
    }

    protected function execute(InputInterface $input, OutputInterface $output): int
    {
        try {
            $plan = StripOfFilms::read(self::manifest($input->getArgument('manifest')));
            $scan = $input->getArgument('scan');
            $read = ScannedStrikeOff::read(\is_string($scan) ? $scan : '', $plan, self::ppi($input->getOption('ppi')));
        } catch (Refusal $refusal) {
            return Told::refuse($output, $refusal->on, $refusal->getMessage());
        }

        return Told::json($output, self::told($plan, $read));
    }

    private static function manifest(mixed $path): string
    {
        if (!\is_string($path) || !is_file($path)) {
            throw UnreadableStrikeOff::at('manifest', 'There is no such manifest. Give the manifest.json that lies beside the films.');
        }

        return (string) file_get_contents($path);
    }

    private static function ppi(mixed $given): ?float
    {
        return match (true) {
            $given === null => null,
            is_numeric($given) && $given > 0 => (float) $given,
            default => throw UnreadableStrikeOff::at('ppi', 'Give the pixels an inch as a number, such as 600.'),
        };
    }

    /** @return array<string, mixed> */
    private static function told(StripPlan $plan, StrikeOffRead $read): array
    {
        $plates = [];
        foreach ($plan->plates as $i => $plate) {
            if ($i === 0) {
                continue;
            }
            $plates[] = [
                'name' => $plate->name,
                // As register:solve takes them.
                'readings' => array_map(static fn (Reading $r): array => ['mark' => $r->mark, 'at_mm' => [round($r->xMm, 4), round($r->yMm, 4)], 'off_mm' => [round($r->offXMm, 4), round($r->offYMm, 4)]], $read->readings($i)),
                'targets' => array_map(static fn (TargetRead $t): array => [
                    'corner' => $t->corner,
                    'off_mm' => $t->off === null ? null : [round($t->off->xMm, 4), round($t->off->yMm, 4)],
                    'error_mm' => $t->errorMm === null ? null : round($t->errorMm, 4),
                    'not_seen' => $t->why,
                ], array_values(array_filter($read->targets, static fn (TargetRead $t): bool => $t->plate === $i))),
            ];
        }

        return [
            'key' => $plan->plates[0]->name,
            'turned_deg' => round($read->turnedDeg, 3),
            'upside_down' => $read->upsideDown,
            'size_pct' => round($read->sizePct, 3),
            'plates' => $plates,
            'says' => $read->says,
        ];
    }
}
