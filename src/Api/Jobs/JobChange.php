<?php

declare(strict_types=1);

namespace Ektype\App\Api\Jobs;

use Doctrine\ORM\EntityManagerInterface;
use Ektype\App\Shop\Change\ChangeShelf;
use Ektype\App\Shop\Emulsion\Emulsion;
use Ektype\App\Shop\Job\Job;
use Ektype\App\Shop\Lamp\Lamp;
use Ektype\App\Shop\Press\Press;
use Ektype\Core\Colour\Srgb;
use Ektype\Core\Mesh\MeshSuggestion;
use Ektype\Core\Separation\SpotSeparation;
use Ektype\Core\Unit\Given;
use Ektype\Core\Unit\Refusal;
use OpenApi\Attributes as OA;

/** A change to a job: any of its fields, the order of its plates, a merge of two colours. */
#[OA\Schema(properties: [
    new OA\Property(property: 'name', type: 'string'),
    new OA\Property(property: 'customer', type: 'string'),
    new OA\Property(property: 'substrate', type: 'string', enum: MeshSuggestion::SUBSTRATES),
    new OA\Property(property: 'garment', type: 'string'),
    new OA\Property(property: 'garmentName', type: 'string'),
    new OA\Property(property: 'garmentHex', type: 'string'),
    new OA\Property(property: 'quantity', type: 'integer'),
    new OA\Property(property: 'dueOn', type: 'string', format: 'date'),
    new OA\Property(property: 'widthMm', type: 'number'),
    new OA\Property(property: 'chokeMm', type: 'number'),
    new OA\Property(property: 'inks', type: 'integer', description: '0 takes every colour found'),
    new OA\Property(property: 'printGround', type: 'boolean'),
    new OA\Property(property: 'toleranceMm', type: 'number'),
    new OA\Property(property: 'pressId', type: 'integer'),
    new OA\Property(property: 'lampId', type: 'integer'),
    new OA\Property(property: 'emulsionId', type: 'integer'),
    new OA\Property(property: 'merge', type: 'object', required: ['from', 'into'], properties: [new OA\Property(property: 'from', type: 'string'), new OA\Property(property: 'into', type: 'string')]),
    new OA\Property(property: 'leaveOpen', type: 'string', description: 'hex of a colour to give to the garment'),
    new OA\Property(property: 'printAgain', type: 'string', description: 'hex of a colour to take back: no longer merged or left open'),
    new OA\Property(property: 'order', type: 'array', items: new OA\Items(type: 'integer'), description: 'ids of all plates in print order'),
], required: [])]
final readonly class JobChange
{
    public function __construct(private EntityManagerInterface $entities, private ChangeShelf $changes)
    {
    }

    public function apply(Job $job, Given $given): void
    {
        // Everything is read before anything is changed: a refused field leaves the job as it was.
        $todo = [];
        $what = [];
        foreach (['name' => 120, 'customer' => 120, 'garment' => 60, 'garmentName' => 60] as $field => $longest) {
            if ($given->has($field)) {
                $value = $field === 'name' ? $given->text($field, $longest) : $given->textOr($field, '', $longest);
                $todo[] = static function () use ($job, $field, $value): void { $job->{$field} = $value; };
                $what[] = $field === 'garmentName' ? 'garment' : $field;
            }
        }
        if ($given->has('substrate')) {
            $value = $given->oneOf('substrate', MeshSuggestion::SUBSTRATES);
            $todo[] = static function () use ($job, $value): void { $job->substrate = $value; };
            $what[] = 'substrate';
        }
        if ($given->has('garmentHex')) {
            $hex = Srgb::fromHex($given->text('garmentHex'), 'garmentHex')->hex();
            $todo[] = static function () use ($job, $hex): void { $job->garmentHex = $hex; };
            $what[] = 'garment colour';
        }
        if ($given->has('dueOn')) {
            $due = $given->text('dueOn');
            $date = \DateTimeImmutable::createFromFormat('!Y-m-d', $due);
            if ($date === false || $date->format('Y-m-d') !== $due) {
                throw Refusal::at('dueOn', \sprintf('“%s” is no date. Write it as year-month-day, such as 2026-12-04.', mb_strimwidth($due, 0, 20, '…')));
            }
            $todo[] = static function () use ($job, $due): void { $job->dueOn = $due; };
            $what[] = 'due date';
        }
        foreach (['widthMm' => [5, SpotSeparation::WIDEST_MM, 'print width'], 'chokeMm' => [0, 3, 'choke'], 'toleranceMm' => [0.01, 5, 'tolerance']] as $field => [$min, $max, $name]) {
            if ($given->has($field)) {
                $value = $given->number($field, $min, $max, 'mm');
                $todo[] = static function () use ($job, $field, $value): void { $job->{$field} = $value; };
                $what[] = $name;
            }
        }
        if ($given->has('quantity')) {
            $value = $given->whole('quantity', 0, 1_000_000);
            $todo[] = static function () use ($job, $value): void { $job->quantity = $value; };
            $what[] = 'quantity';
        }
        if ($given->has('inks')) {
            $value = $given->whole('inks', 0, 24);
            $todo[] = static function () use ($job, $value): void { $job->inks = $value === 0 ? null : $value; };
            $what[] = 'number of inks';
        }
        if ($given->has('printGround')) {
            $value = $given->flag('printGround');
            $todo[] = static function () use ($job, $value): void { $job->printGround = $value; };
            $what[] = 'ground';
        }
        if ($given->has('pressId')) {
            $press = $this->standing(Press::class, $given, 'pressId', 'press');
            $todo[] = static function () use ($job, $press): void { $job->press = $press; };
            $what[] = 'press';
        }
        if ($given->has('lampId')) {
            $lamp = $this->standing(Lamp::class, $given, 'lampId', 'lamp');
            $todo[] = static function () use ($job, $lamp): void { $job->lamp = $lamp; };
            $what[] = 'lamp';
        }
        if ($given->has('emulsionId')) {
            $emulsion = $this->standing(Emulsion::class, $given, 'emulsionId', 'emulsion');
            $todo[] = static function () use ($job, $emulsion): void { $job->emulsion = $emulsion; };
            $what[] = 'emulsion';
        }
        $this->palette($job, $given, $todo, $what);
        $this->order($job, $given, $todo, $what);
        if ($todo === []) {
            throw Refusal::because('The change names no field of the job, so nothing was changed.');
        }
        $this->changes->remember($job, ucfirst(implode(', ', array_unique($what))));
        foreach ($todo as $do) {
            $do();
        }
        $this->entities->flush();
    }

    /**
     * @param list<\Closure(): void> $todo
     * @param list<string>           $what
     */
    private function palette(Job $job, Given $given, array &$todo, array &$what): void
    {
        if ($given->has('merge')) {
            $from = Srgb::fromHex($given->object('merge')->text('from'), 'merge.from')->hex();
            $into = Srgb::fromHex($given->object('merge')->text('into'), 'merge.into')->hex();
            if ($from === $into) {
                throw Refusal::at('merge', 'A colour cannot be merged into itself. Choose two.');
            }
            $todo[] = static function () use ($job, $from, $into): void { $job->merges = [...$job->merges, $from => $into]; };
            $what[] = 'merging '.$from.' into '.$into;
        }
        if ($given->has('leaveOpen')) {
            $hex = Srgb::fromHex($given->text('leaveOpen'), 'leaveOpen')->hex();
            $todo[] = static function () use ($job, $hex): void { $job->leftOpen = array_values(array_unique([...$job->leftOpen, $hex])); };
            $what[] = 'giving '.$hex.' to the garment';
        }
        if ($given->has('printAgain')) {
            $hex = Srgb::fromHex($given->text('printAgain'), 'printAgain')->hex();
            $todo[] = static function () use ($job, $hex): void {
                $job->leftOpen = array_values(array_diff($job->leftOpen, [$hex]));
                $job->merges = array_diff_key($job->merges, [$hex => true]);
            };
            $what[] = 'printing '.$hex.' again';
        }
    }

    /**
     * @param list<\Closure(): void> $todo
     * @param list<string>           $what
     */
    private function order(Job $job, Given $given, array &$todo, array &$what): void
    {
        if (!$given->has('order')) {
            return;
        }
        $order = $given->wholes('order');
        $ids = array_map(static fn ($plate): int => $plate->idOrFail(), $job->platesInOrder());
        $sorted = $order;
        sort($sorted);
        sort($ids);
        if ($sorted !== $ids) {
            throw Refusal::at('order', 'The order must name every plate of the job once. Nothing was moved.');
        }
        $todo[] = static function () use ($job, $order): void {
            foreach ($job->plates as $plate) {
                $plate->position = (int) array_search($plate->idOrFail(), $order, true);
            }
        };
        $what[] = 'print order';
    }

    /**
     * @template T of object
     *
     * @param class-string<T> $class
     *
     * @return T
     */
    private function standing(string $class, Given $given, string $field, string $name): object
    {
        return $this->entities->find($class, $given->whole($field, 1, \PHP_INT_MAX)) ?? throw Refusal::at($field, \sprintf('There is no such %s in the shop. Choose one from its shelf.', $name));
    }
}
