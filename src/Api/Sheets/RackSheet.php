<?php

declare(strict_types=1);

namespace Ektype\App\Api\Sheets;

use Ektype\App\Action\Shelves\PutFrame;
use Ektype\App\Api\Shelves\FrameEntry;
use Ektype\App\Shop\Frame\Frame;
use Ektype\App\Shop\Frame\Frames;

/** The rack as a table. */
final readonly class RackSheet implements Sheet
{
    public function __construct(private Frames $frames)
    {
    }

    public function columns(): array
    {
        return [
            Column::text('Label', 'label'),
            Column::number('Threads per cm', 'threadsPerCm'),
            Column::number('Thread, µm', 'threadUm'),
            Column::mesh('Mesh colour', 'dyed'),
            Column::number('Inside across, mm', 'insideWidthMm'),
            Column::number('Inside along, mm', 'insideHeightMm'),
            Column::number('Outside across, mm', 'outsideWidthMm'),
            Column::number('Outside along, mm', 'outsideHeightMm'),
            Column::number('Tension, N/cm', 'tensionNPerCm'),
            Column::text('Stretched on', 'stretchedOn'),
            Column::text('Place in the rack', 'rackPlace'),
        ];
    }

    public function standing(): array
    {
        return array_map(static fn (Frame $f): array => [
            'label' => $f->label,
            'threadsPerCm' => $f->threadsPerCm,
            'threadUm' => $f->threadUm,
            'dyed' => $f->dyed,
            'insideWidthMm' => $f->insideWidthMm,
            'insideHeightMm' => $f->insideHeightMm,
            'outsideWidthMm' => $f->outsideWidthMm,
            'outsideHeightMm' => $f->outsideHeightMm,
            'tensionNPerCm' => $f->tensionNPerCm,
            'stretchedOn' => $f->stretchedOn,
            'rackPlace' => $f->rackPlace,
        ], $this->frames->byMesh());
    }

    public function row(): string
    {
        return FrameEntry::class;
    }

    public function key(object $row): string
    {
        return $row instanceof FrameEntry ? 'frame '.trim($row->label) : '';
    }

    public function change(object $row): PutFrame
    {
        $row instanceof FrameEntry || throw new \LogicException('A row of another sheet.');

        return $row->change($this->frames->labelled(trim($row->label))?->id);
    }
}
