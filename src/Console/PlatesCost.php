<?php

declare(strict_types=1);

namespace Ektype\App\Console;

use Ektype\App\Query\Plates\SeeCosts;
use Ektype\App\Request\UnreadableRequest;
use Ektype\App\Shop\Job\Jobs;
use Ektype\App\Shop\Kept;
use Ektype\App\Shop\Plate\Plate;
use Ektype\Core\Colour\Srgb;
use Ektype\Core\Method\Spot\FewerInks;
use Ektype\Core\Method\Spot\PlateCost;
use Ektype\Core\Method\Spot\PlateLoss;
use Ektype\Core\Method\Spot\SeenChange;
use Ektype\Core\Separation\InkArea;
use Ektype\Core\Unit\Refusal;
use Symfony\Component\Console\Attribute\AsCommand;
use Symfony\Component\Console\Command\Command;
use Symfony\Component\Console\Input\InputArgument;
use Symfony\Component\Console\Input\InputInterface;
use Symfony\Component\Console\Output\OutputInterface;

#[AsCommand('plates:cost', 'What each plate buys, and the best print for each number of plates')]
final class PlatesCost extends Command
{
    public function __construct(private readonly Jobs $jobs)
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
        } catch (UnreadableRequest $unread) {
            return Told::refuse($output, $unread->faults[0]->field, $unread->getMessage());
        } catch (Refusal $refusal) {
            return Told::refuse($output, $refusal->on, $refusal->getMessage());
        }

        return Told::json($output, [
            'plates' => array_map(
                static fn (PlateLoss $loss): array => [
                    'name' => $loss->name,
                    'dropped' => self::change($loss->dropped),
                    'merged' => $loss->merged === null ? null : ['into' => $loss->into, ...self::change($loss->merged)],
                    'tinted' => $loss->tinted === null ? null : ['of' => $loss->dotsOf, 'tone_pct' => round(100 * ($loss->tone ?? 1.0)), ...self::change($loss->tinted)],
                ],
                $costs->each(),
            ),
            'ranked' => array_map(static fn (FewerInks $row): array => self::row($row, $names), $costs->ranked()),
        ]);
    }

    /**
     * @param list<string> $names
     *
     * @return array<string, mixed>
     */
    private static function row(FewerInks $row, array $names): array
    {
        $becomes = [];
        foreach ($row->becomes as $i => $into) {
            $becomes[$names[$i]] = $into === null ? 'the garment' : (isset($row->tones[$i]) ? \sprintf('%.0f %% of %s', 100 * $row->tones[$i], $names[$into]) : $names[$into]);
        }

        return [
            'inks' => $row->inks,
            'kept' => array_map(static fn (int $i): string => $names[$i], $row->kept),
            'becomes' => (object) $becomes,
            ...self::change($row->change),
        ];
    }

    /** @return array<string, float> */
    private static function change(SeenChange $change): array
    {
        return ['changed_pct' => $change->changedPct, 'mean_delta_e' => $change->meanDeltaE, 'p95_delta_e' => $change->p95DeltaE];
    }

    /** @return array{PlateCost, list<string>} */
    private function job(int $id): array
    {
        $job = $this->jobs->find($id) ?? throw UnreadableRequest::at('of', \sprintf('There is no job %d in the shop.', $id));

        return [SeeCosts::reckoner($job), array_map(static fn (Plate $plate): string => $plate->name, SeeCosts::inks($job))];
    }

    /** @return array{PlateCost, list<string>} */
    private static function manifest(string $path): array
    {
        if (!is_file($path)) {
            throw UnreadableRequest::at(
                'of',
                \sprintf('“%s” is neither a manifest nor the number of a job. Name the manifest.json of a film set.', $path),
            );
        }
        $manifest = Kept::fromJson((string) file_get_contents($path));
        $inks = [];
        $onBase = false;
        foreach ($manifest->objects('plates') as $plate) {
            if ($plate->text('role') === 'base' && $plate->textOr('ink', '') === '') {
                $onBase = true;
            } else {
                $inks[] = new InkArea(
                    $plate->text('name'),
                    Srgb::fromHex($plate->text('hex')),
                    $plate->number($plate->has('art_area_cm2') ? 'art_area_cm2' : 'area_cm2'),
                );
            }
        }
        if ($inks === []) {
            throw UnreadableRequest::at('plates', 'The manifest names no colour plate, so there is nothing to weigh.');
        }

        return [
            new PlateCost($inks, Srgb::fromHex($manifest->text('garment')), $onBase),
            array_map(static fn (InkArea $ink): string => $ink->name, $inks),
        ];
    }
}
