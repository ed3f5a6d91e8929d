<?php

declare(strict_types=1);

namespace Ektype\App\Api\Sheets;

use Ektype\App\Action\Refused;
use Ektype\App\Action\Screens\ReadTension;
use Ektype\App\Shop\Frame\Frames;
use Ektype\App\Shop\TensionReading\TensionReading;
use Ektype\App\Shop\TensionReading\TensionReadings;

/** The readings of the tension gauge as a table, oldest first. */
final readonly class TensionsSheet implements Sheet
{
    private const PLACES = ['near left', 'near right', 'far left', 'far right', 'middle'];

    public function __construct(private TensionReadings $tensions, private Frames $frames)
    {
    }

    public function columns(): array
    {
        $places = [];
        foreach (['along', 'across'] as $way) {
            foreach (self::PLACES as $i => $place) {
                $places[] = Column::number(ucfirst($way).', '.$place.', N/cm', $way.($i + 1));
            }
        }

        return [Column::text('Frame', 'frame'), Column::text('Day', 'doneOn'), ...$places];
    }

    public function standing(): array
    {
        $readings = $this->tensions->all();
        usort($readings, static fn (TensionReading $a, TensionReading $b): int => [$a->doneOn, $a->id] <=> [$b->doneOn, $b->id]);

        return array_map(static function (TensionReading $r): array {
            $row = ['frame' => $r->frame->label, 'doneOn' => $r->doneOn];
            for ($i = 0; $i < 5; ++$i) {
                $row['along'.($i + 1)] = (float) ($r->along[$i] ?? 0);
                $row['across'.($i + 1)] = (float) ($r->across[$i] ?? 0);
            }

            return $row;
        }, $readings);
    }

    public function row(): string
    {
        return TensionRow::class;
    }

    public function key(object $row): string
    {
        return '';
    }

    public function change(object $row): ReadTension
    {
        $row instanceof TensionRow || throw new \LogicException('A row of another sheet.');
        $frame = $this->frames->labelled(trim($row->frame)) ?? throw Refused::at('frame', \sprintf('There is no frame “%s” in the rack. Put it there first, or write its label as it stands there.', $row->frame));

        return new ReadTension($frame->idOrFail(), $row->along(), $row->across(), $row->doneOn);
    }
}
