<?php

declare(strict_types=1);

namespace Ektype\App\Console;

use Doctrine\ORM\EntityManagerInterface;
use Ektype\App\Shop\Job\Job;
use Ektype\App\Work\PlateCosts;
use Ektype\Core\Colour\Srgb;
use Ektype\Core\Separation\PlateCost;
use Ektype\Core\Unit\Given;
use Ektype\Core\Unit\Refusal;
use Symfony\Component\Console\Attribute\AsCommand;
use Symfony\Component\Console\Command\Command;
use Symfony\Component\Console\Input\InputArgument;
use Symfony\Component\Console\Input\InputInterface;
use Symfony\Component\Console\Output\OutputInterface;

#[AsCommand('plates:cost', 'What each plate buys, and the best print for each number of plates')]
final class PlatesCost extends Command
{
    public function __construct(private readonly EntityManagerInterface $entities)
    {
        parent::__construct();
    }

    protected function configure(): void
    {
        $this->addArgument('of', InputArgument::REQUIRED, 'A manifest.json of a film set, or the number of a job');
    }

    protected function execute(InputInterface $input, OutputInterface $output): int
    {
        $of = $input->getArgument('of');
        $of = \is_string($of) ? $of : '';
        try {
            [$costs, $names] = ctype_digit($of) ? $this->job((int) $of) : self::manifest($of);
        } catch (Refusal $refusal) {
            return JsonCommand::refuse($output, $refusal);
        }
        $table = array_map(static fn (array $row): array => [
            'inks' => $row['inks'],
            'kept' => array_map(static fn (int $i): string => $names[$i], $row['kept']),
            'becomes' => (object) array_combine(array_map(static fn (int $i): string => $names[$i], array_keys($row['becomes'])), array_map(static fn (?int $i): string => $i === null ? 'the garment' : $names[$i], $row['becomes'])),
            'changed_pct' => $row['changed_pct'],
            'mean_delta_e' => $row['mean_delta_e'],
            'p95_delta_e' => $row['p95_delta_e'],
        ], $costs->ranked());
        $output->writeln(json_encode(['plates' => $costs->each(), 'ranked' => $table], \JSON_PRETTY_PRINT | \JSON_UNESCAPED_SLASHES | \JSON_UNESCAPED_UNICODE | \JSON_PRESERVE_ZERO_FRACTION | \JSON_THROW_ON_ERROR), OutputInterface::OUTPUT_RAW);

        return self::SUCCESS;
    }

    /** @return array{PlateCost, list<string>} */
    private function job(int $id): array
    {
        $job = $this->entities->find(Job::class, $id) ?? throw Refusal::at('of', \sprintf('There is no job %d in the shop.', $id));

        return [PlateCosts::reckoner($job), array_map(static fn ($plate): string => $plate->name, PlateCosts::inks($job))];
    }

    /** @return array{PlateCost, list<string>} */
    private static function manifest(string $path): array
    {
        if (!is_file($path)) {
            throw Refusal::at('of', \sprintf('“%s” is neither a manifest nor the number of a job. Name the manifest.json of a film set.', $path));
        }
        $given = Given::fromJson((string) file_get_contents($path));
        $inks = [];
        $onBase = false;
        foreach ($given->objects('plates') as $plate) {
            if ($plate->text('role') === 'base' && $plate->textOr('ink', '') === '') {
                $onBase = true;
                continue;
            }
            $inks[] = ['name' => $plate->text('name'), 'colour' => Srgb::fromHex($plate->text('hex'), $plate->pathOf('hex')), 'area_cm2' => $plate->number($plate->has('art_area_cm2') ? 'art_area_cm2' : 'area_cm2', 0)];
        }
        if ($inks === []) {
            throw Refusal::at('plates', 'The manifest names no colour plate, so there is nothing to weigh.');
        }

        return [new PlateCost($inks, Srgb::fromHex($given->text('garment'), 'garment'), $onBase), array_column($inks, 'name')];
    }
}
