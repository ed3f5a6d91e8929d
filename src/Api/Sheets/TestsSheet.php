<?php

declare(strict_types=1);

namespace Ektype\App\Api\Sheets;

use Ektype\App\Action\Light\RecordStepTest;
use Ektype\App\Action\Refused;
use Ektype\App\Shop\Emulsion\Emulsions;
use Ektype\App\Shop\Lamp\Lamps;
use Ektype\App\Shop\StepTest\StepTest;
use Ektype\App\Shop\StepTest\StepTests;
use Ektype\Core\Exposure\TimesRead;

/** The step tests as a table, oldest first. */
final readonly class TestsSheet implements Sheet
{
    public function __construct(private StepTests $tests, private Lamps $lamps, private Emulsions $emulsions)
    {
    }

    public function columns(): array
    {
        return [
            Column::text('Lamp', 'lamp'),
            Column::text('Emulsion', 'emulsion'),
            Column::text('Day', 'doneOn'),
            Column::number('Mesh and stencil, µm', 'thicknessUm'),
            Column::mesh('Mesh colour', 'dyed'),
            Column::number('Longest still under, s', 'lowS'),
            Column::number('Best, s', 'bestS'),
            Column::number('Shortest already over, s', 'highS'),
            Column::text('Remark', 'remark'),
        ];
    }

    public function standing(): array
    {
        return array_map(static fn (StepTest $t): array => [
            'lamp' => $t->lamp->name,
            'emulsion' => $t->emulsion->name,
            'doneOn' => $t->doneOn,
            'thicknessUm' => $t->thicknessUm,
            'dyed' => $t->dyed,
            'lowS' => $t->lowS,
            'bestS' => $t->bestS,
            'highS' => $t->highS,
            'remark' => $t->remark,
        ], $this->tests->all());
    }

    public function row(): string
    {
        return TestRow::class;
    }

    /** Two tests of one day are told apart by all that was read. */
    public function key(object $row): string
    {
        return '';
    }

    public function change(object $row): RecordStepTest
    {
        $row instanceof TestRow || throw new \LogicException('A row of another sheet.');
        $lamp = $this->lamps->named(trim($row->lamp)) ?? throw Refused::at('lamp', \sprintf('There is no lamp “%s” in the shop. Put it on its shelf first, or write its name as it stands there.', $row->lamp));
        $emulsion = $this->emulsions->named(trim($row->emulsion)) ?? throw Refused::at('emulsion', \sprintf('There is no emulsion “%s” in the shop. Put it on its shelf first, or write its name as it stands there.', $row->emulsion));

        return new RecordStepTest(
            $lamp->idOrFail(),
            $emulsion->idOrFail(),
            $row->thicknessUm,
            new TimesRead($row->lowS, $row->bestS, $row->highS),
            $row->dyed,
            remark: $row->remark,
            doneOn: $row->doneOn,
        );
    }
}
