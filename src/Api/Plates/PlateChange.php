<?php

declare(strict_types=1);

namespace Ektype\App\Api\Plates;

use Doctrine\ORM\EntityManagerInterface;
use Ektype\App\Api\Jobs\PlateStencil;
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
    new OA\Property(property: 'lpi', type: 'number', description: 'Lines per inch; 0 makes the plate solid'),
    new OA\Property(property: 'angleDeg', type: 'number'),
    new OA\Property(property: 'tones', type: 'array', items: new OA\Items(type: 'number'), description: 'Lightest and darkest tone of its halftone, 0–1'),
    new OA\Property(property: 'depositUm', type: 'number', description: 'Wet ink wanted, µm; 0 leaves it to the usual meshes'),
    new OA\Property(property: 'beforeLight', type: 'array', items: new OA\Items(type: 'string', enum: Plate::BEFORE_LIGHT)),
    new OA\Property(property: 'sinkCheck', type: 'object', properties: [
        new OA\Property(property: 'scum', type: 'boolean'),
        new OA\Property(property: 'pinholes', type: 'boolean'),
        new OA\Property(property: 'lostDots', type: 'boolean'),
        new OA\Property(property: 'closedLines', type: 'boolean'),
        new OA\Property(property: 'blur', type: 'boolean'),
        new OA\Property(property: 'forget', type: 'boolean'),
    ]),
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
    public function __construct(private EntityManagerInterface $entities, private ChangeShelf $changes, private PlateStencil $stencils)
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
            $todo[] = function () use ($plate, $frame): void {
                if ($plate->frame !== null && $plate->frame !== $frame) {
                    $this->stencils->givenBack($plate->frame);
                }
                $plate->frame = $frame;
                // Another frame is another stencil: what was gauged and burned stays with the old one.
                $on = $this->stencils->on($frame);
                $plate->gaugedEomUm = $on?->burnedSeconds === null ? $on?->gaugedEomUm : null;
                $plate->burnedSeconds = null;
                $plate->sinkCheck = null;
                $plate->beforeLight = [];
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
        if ($given->has('burnedSeconds') && $given->number('burnedSeconds') > 0.0) {
            $this->canBeBurned($plate);
        }
        $this->tone($plate, $given, $todo, $what);
        $this->wish($plate, $given, $todo, $what);
        if ($given->has('beforeLight')) {
            $ticked = array_values(array_unique($given->texts('beforeLight')));
            foreach (array_diff($ticked, Plate::BEFORE_LIGHT) as $unknown) {
                throw Refusal::at('beforeLight', \sprintf('“%s” is not on the card. It has: %s.', mb_strimwidth($unknown, 0, 40, '…'), implode(', ', Plate::BEFORE_LIGHT)));
            }
            $todo[] = static function () use ($plate, $ticked): void { $plate->beforeLight = $ticked; };
            $what[] = 'card before the light';
        }
        if ($given->has('sinkCheck')) {
            $seen = $this->seen($plate, $given);
            $todo[] = static function () use ($plate, $seen): void { $plate->sinkCheck = $seen; };
            $what[] = 'look at the sink';
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
        if ($plate->burnedSeconds === null) {
            $plate->sinkCheck = null;
        }
        $this->stencils->follow($plate, new \DateTimeImmutable());
        $this->entities->flush();
    }

    /**
     * @param list<\Closure> $todo
     * @param list<string>   $what
     */
    private function tone(Plate $plate, Given $given, array &$todo, array &$what): void
    {
        foreach (['lpi' => [0, 200, 'lines per inch', 'ruling'], 'angleDeg' => [-360, 360, 'degrees', 'angle']] as $field => [$min, $max, $unit, $name]) {
            if ($given->has($field)) {
                $value = $given->number($field, $min, $max, $unit);
                if ($field === 'lpi' && $value > 0 && $value < 5) {
                    throw Refusal::at('lpi', \sprintf('A ruling of %g lines per inch is not printed; 20 to 65 is usual, 0 makes the plate solid.', $value));
                }
                $todo[] = static function () use ($plate, $field, $value): void { $plate->{$field} = $field === 'lpi' && $value <= 0.0 ? null : $value; };
                $what[] = $name;
            }
        }
    }

    /**
     * @param list<\Closure> $todo
     * @param list<string>   $what
     */
    private function wish(Plate $plate, Given $given, array &$todo, array &$what): void
    {
        if ($given->has('tones')) {
            $tones = $given->pair('tones', 'shares from 0 to 1', 1);
            if ($tones[0] < 0 || $tones[0] > $tones[1]) {
                throw Refusal::at('tones', \sprintf('Tones run from the lightest to the darkest, 0 to 100 %%; %.0f to %.0f %% do not. Swap them, or check both.', 100 * $tones[0], 100 * $tones[1]));
            }
            $todo[] = static function () use ($plate, $tones): void { $plate->tones = $tones; };
            $what[] = 'tones';
        }
        if ($given->has('depositUm')) {
            $wanted = $given->number('depositUm', 0, 400, 'µm');
            $todo[] = static function () use ($plate, $wanted): void { $plate->depositUm = $wanted > 0 ? $wanted : null; };
            $what[] = 'wanted ink';
        }
    }

    private function canBeBurned(Plate $plate): void
    {
        $on = $this->stencils->on($plate->frame);
        if ($on?->burnedSeconds !== null && $on->plate !== $plate) {
            throw Refusal::at('burnedSeconds', \sprintf('Frame %s carries the stencil of another plate%s. Reclaim it and coat it anew first.', $plate->frame->label ?? '', $on->plate === null ? '' : ', '.$on->plate->name.' of '.$on->plate->job->name));
        }
    }

    /** @return array{scum: bool, pinholes: bool, lostDots: bool, closedLines: bool, blur: bool}|null */
    private function seen(Plate $plate, Given $given): ?array
    {
        $answers = $given->object('sinkCheck');
        if ($answers->flag('forget')) {
            return null;
        }
        if ($plate->burnedSeconds === null && !$given->has('burnedSeconds')) {
            throw Refusal::at('sinkCheck', \sprintf('%s was not burned yet, so there is nothing to see at the sink. Burn it first.', $plate->name));
        }

        return ['scum' => $answers->flag('scum'), 'pinholes' => $answers->flag('pinholes'), 'lostDots' => $answers->flag('lostDots'), 'closedLines' => $answers->flag('closedLines'), 'blur' => $answers->flag('blur')];
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

        if ($frame->insideWidthMm < $plate->job->widthMm || $frame->insideHeightMm < $plate->job->heightMm()) {
            throw Refusal::at('frameId', \sprintf('Frame %s is %.0f × %.0f mm inside, the print %.0f × %.0f mm: it does not go on it. Choose a larger frame, or make the print smaller.', $frame->label, $frame->insideWidthMm, $frame->insideHeightMm, $plate->job->widthMm, $plate->job->heightMm()));
        }
        if (\in_array($frame->state, ['on press', 'to stretch'], true)) {
            throw Refusal::at('frameId', \sprintf('Frame %s is %s. Choose another, or change its state on the rack.', $frame->label, $frame->state));
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
