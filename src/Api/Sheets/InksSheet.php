<?php

declare(strict_types=1);

namespace Ektype\App\Api\Sheets;

use Ektype\App\Action\Shelves\PutInk;
use Ektype\App\Shop\Ink\Ink;
use Ektype\App\Shop\Ink\Inks;
use Ektype\Core\Colour\Srgb;

/** The inks as a table. */
final readonly class InksSheet implements Sheet
{
    public function __construct(private Inks $inks)
    {
    }

    public function columns(): array
    {
        return [
            Column::text('Name', 'name'),
            Column::text('Colour', 'hex'),
            Column::text('Kind', 'kind'),
            Column::number('Hides, %', 'hidingPct'),
        ];
    }

    public function standing(): array
    {
        return array_map(static fn (Ink $i): array => [
            'name' => $i->name,
            'hex' => $i->hex,
            'kind' => $i->kind->value,
            'hidingPct' => round(100 * $i->hiding, 2),
        ], $this->inks->all());
    }

    public function row(): string
    {
        return InkRow::class;
    }

    public function key(Row $row): string
    {
        return $row instanceof InkRow ? 'ink '.trim($row->name) : '';
    }

    public function change(Row $row): PutInk
    {
        $row instanceof InkRow || throw new \LogicException('A row of another sheet.');

        return new PutInk(
            $this->inks->named(trim($row->name))?->id,
            trim($row->name),
            Srgb::fromHex($row->hex)->hex(),
            $row->kind,
            $row->hidingPct / 100,
        );
    }
}
