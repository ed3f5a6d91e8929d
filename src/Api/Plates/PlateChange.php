<?php

declare(strict_types=1);

namespace Ektype\App\Api\Plates;

use Doctrine\ORM\EntityManagerInterface;
use Ektype\App\Shop\Change\ChangeShelf;
use Ektype\App\Shop\Frame\Frame;
use Ektype\App\Shop\Ink\Ink;
use Ektype\App\Shop\Plate\Plate;
use Ektype\Core\Registration\ReadingSheet;
use Ektype\Core\Unit\Given;
use Ektype\Core\Unit\Refusal;
use OpenApi\Attributes as OA;

/** A change to a plate: its name, ink, frame, what was gauged, burned or read. */
#[OA\Schema(properties: [
    new OA\Property(property: 'name', type: 'string'),
    new OA\Property(property: 'inkId', type: 'integer'),
    new OA\Property(property: 'frameId', type: 'integer', description: '0 gives the frame back'),
    new OA\Property(property: 'gaugedEomUm', type: 'number', description: '0 forgets the reading'),
    new OA\Property(property: 'burnedSeconds', type: 'number', description: '0 forgets the burn'),
    new OA\Property(property: 'prints', type: 'array', items: new OA\Items(type: 'object', required: ['readings'], properties: [
        new OA\Property(property: 'readings', type: 'array', items: new OA\Items(type: 'object', required: ['mark', 'at_mm', 'off_mm'], properties: [
            new OA\Property(property: 'mark', type: 'string'),
            new OA\Property(property: 'at_mm', type: 'array', items: new OA\Items(type: 'number')),
            new OA\Property(property: 'off_mm', type: 'array', items: new OA\Items(type: 'number')),
        ])),
    ])),
], required: [])]
final readonly class PlateChange
{
    public function __construct(private EntityManagerInterface $entities, private ChangeShelf $changes)
    {
    }

    public function apply(Plate $plate, Given $given): void
    {
        $todo = [];
        $what = [];
        if ($given->has('name')) {
            $name = $given->text('name', 80);
            $todo[] = static function () use ($plate, $name): void { $plate->name = $name; };
            $what[] = 'name';
        }
        if ($given->has('inkId')) {
            $ink = $this->entities->find(Ink::class, $given->whole('inkId', 1, \PHP_INT_MAX)) ?? throw Refusal::at('inkId', 'That ink is not on the shelf any more. Choose another.');
            $todo[] = static function () use ($plate, $ink): void { $plate->ink = $ink; };
            $what[] = 'ink';
        }
        if ($given->has('frameId')) {
            $frame = $this->frame($plate, $given->whole('frameId', 0, \PHP_INT_MAX));
            $todo[] = static function () use ($plate, $frame): void {
                $plate->frame = $frame;
                // Another frame is another stencil: what was gauged and burned stays with the old one.
                $plate->gaugedEomUm = null;
                $plate->burnedSeconds = null;
            };
            $what[] = 'frame';
        }
        foreach (['gaugedEomUm' => [0, 300, 'µm', 'gauge reading'], 'burnedSeconds' => [0, 7200, 's', 'burn']] as $field => [$min, $max, $unit, $name]) {
            if ($given->has($field)) {
                $value = $given->number($field, $min, $max, $unit);
                if ($plate->frame === null && $value > 0 && !$given->has('frameId')) {
                    throw Refusal::at($field, 'The plate has no frame yet, so there is no screen that this could belong to. Choose a frame first.');
                }
                $todo[] = static function () use ($plate, $field, $value): void { $plate->{$field} = $value > 0 ? $value : null; };
                $what[] = $name;
            }
        }
        if ($given->has('prints')) {
            $prints = $this->readings($given);
            $todo[] = static function () use ($plate, $prints): void { $plate->readings = $prints; };
            $what[] = 'readings';
        }
        if ($todo === []) {
            throw Refusal::because('The change names no field of the plate, so nothing was changed.');
        }
        $this->changes->remember($plate->job, ucfirst(implode(', ', $what)).' of '.$plate->name);
        foreach ($todo as $do) {
            $do();
        }
        $this->entities->flush();
    }

    private function frame(Plate $plate, int $id): ?Frame
    {
        if ($id === 0) {
            return null;
        }
        $frame = $this->entities->find(Frame::class, $id) ?? throw Refusal::at('frameId', 'That frame is not in the rack any more. Choose another.');
        foreach ($this->entities->getRepository(Plate::class)->findBy(['frame' => $frame]) as $other) {
            if ($other !== $plate) {
                throw Refusal::at('frameId', \sprintf('Frame %s carries %s%s. A frame holds one stencil at a time: choose another, or give it back there first.', $frame->label, $other->name, $other->job === $plate->job ? '' : ' of '.$other->job->name));
            }
        }

        return $frame;
    }

    /** @return list<list<array{mark: string, at_mm: array{float, float}, off_mm: array{float, float}}>> */
    private function readings(Given $given): array
    {
        $prints = [];
        foreach ($given->objects('prints') as $print) {
            $readings = [];
            foreach ($print->objects('readings') as $reading) {
                $readings[] = ['mark' => $reading->text('mark', 60), 'at_mm' => $reading->pair('at_mm'), 'off_mm' => $reading->pair('off_mm')];
            }
            if ($readings !== []) {
                $prints[] = $readings;
            }
        }
        if ($prints !== []) {
            ReadingSheet::readings($given);
        }

        return $prints;
    }
}
