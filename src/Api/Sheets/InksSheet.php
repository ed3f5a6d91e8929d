<?php

declare(strict_types=1);

namespace Ektype\App\Api\Sheets;

use Ektype\App\Action\Shelves\PutInk;
use Ektype\App\Api\Shelves\InkEntry;
use Ektype\App\Shop\Ink\Ink;
use Ektype\App\Shop\Ink\Inks;

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
            Column::text('On its pot', 'recipe'),
            Column::number('Left, g', 'gramsLeft'),
        ];
    }

    public function standing(): array
    {
        return array_map(self::told(...), $this->inks->all());
    }

    /** @return array<string, string|float|bool|null> */
    private static function told(Ink $of): array
    {
        return ['name' => $of->name, 'hex' => $of->hex, 'kind' => $of->kind->value, 'hidingPct' => round(100 * $of->hiding, 2), 'recipe' => $of->recipe, 'gramsLeft' => $of->gramsLeft];
    }

    public function row(): string
    {
        return InkEntry::class;
    }

    public function key(object $row): string
    {
        return $row instanceof InkEntry ? 'ink '.trim($row->name) : '';
    }

    public function change(object $row): PutInk
    {
        $row instanceof InkEntry || throw new \LogicException('A row of another sheet.');

        return $row->change($this->inks->named(trim($row->name))?->id);
    }
}
