<?php

declare(strict_types=1);

namespace Ektype\App\Api\Jobs;

use Doctrine\ORM\EntityManagerInterface;
use Ektype\App\Shop\Change\ChangeShelf;
use Ektype\App\Shop\Emulsion\Emulsion;
use Ektype\App\Shop\FilmPrinter\FilmPrinter;
use Ektype\App\Shop\Ink\Ink;
use Ektype\App\Shop\Job\Job;
use Ektype\App\Shop\Lamp\Lamp;
use Ektype\App\Shop\Press\Press;
use Ektype\App\Work\FilmSetWriter;
use Ektype\App\Work\SeparateJob;
use Ektype\Core\Art\ArtFraming;
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
    new OA\Property(property: 'heightMm', type: 'number', description: 'Height of the print; its width follows'),
    new OA\Property(property: 'place', type: 'string'),
    new OA\Property(property: 'acrossMm', type: 'number'),
    new OA\Property(property: 'dropMm', type: 'number'),
    new OA\Property(property: 'framing', type: 'object', description: 'Part of the art (left, top, width, height as shares), turnDeg, mirror', properties: [new OA\Property(property: 'left', type: 'number'), new OA\Property(property: 'top', type: 'number'), new OA\Property(property: 'width', type: 'number'), new OA\Property(property: 'height', type: 'number'), new OA\Property(property: 'turnDeg', type: 'number'), new OA\Property(property: 'mirror', type: 'boolean')]),
    new OA\Property(property: 'trapMm', type: 'number'),
    new OA\Property(property: 'trapFollowsPress', type: 'boolean'),
    new OA\Property(property: 'toleranceFollowsPlates', type: 'boolean'),
    new OA\Property(property: 'split', type: 'string', description: 'hex of a colour to part into its two shades'),
    new OA\Property(property: 'lock', type: 'object', required: ['hex', 'inkId'], properties: [new OA\Property(property: 'hex', type: 'string'), new OA\Property(property: 'inkId', type: 'integer', description: '0 unlocks')]),
    new OA\Property(property: 'highlight', ref: ColourDecision::class),
    new OA\Property(property: 'onBase', ref: ColourDecision::class),
    new OA\Property(property: 'overprint', ref: ColourDecision::class),
    new OA\Property(property: 'thicken', type: 'object', required: ['hex', 'mm'], properties: [new OA\Property(property: 'hex', type: 'string'), new OA\Property(property: 'mm', type: 'number', description: '0 leaves lines as they are')]),
    new OA\Property(property: 'baseFrom', type: 'string', description: 'hex of the colour whose plate serves as the base; empty for a white base'),
    new OA\Property(property: 'filmPrinterId', type: 'integer', description: '0 for none'),
    new OA\Property(property: 'filmFormats', type: 'array', items: new OA\Items(type: 'string', enum: ['pdf', 'png', 'tiff', 'svg'])),
    new OA\Property(property: 'stepWedge', type: 'boolean'),
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
        foreach (['name' => 120, 'customer' => 120, 'garment' => 60, 'garmentName' => 60, 'place' => 40] as $field => $longest) {
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
        foreach (['widthMm' => [5, SpotSeparation::WIDEST_MM, 'print width'], 'chokeMm' => [0, 3, 'choke'], 'trapMm' => [0, 2, 'trap'], 'toleranceMm' => [0.01, 5, 'tolerance'], 'acrossMm' => [-500, 500, 'place'], 'dropMm' => [-500, 500, 'place']] as $field => [$min, $max, $name]) {
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
        $this->size($job, $given, $todo, $what);
        $this->palette($job, $given, $todo, $what);
        $this->decisions($job, $given, $todo, $what);
        $this->films($job, $given, $todo, $what);
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
                $job->splits = array_values(array_diff($job->splits, [$hex]));
            };
            $what[] = 'printing '.$hex.' again';
        }
    }

    /**
     * @param list<\Closure(): void> $todo
     * @param list<string>           $what
     */
    private function size(Job $job, Given $given, array &$todo, array &$what): void
    {
        if ($given->has('framing')) {
            $framing = ArtFraming::given($given->object('framing'));
            $todo[] = static function () use ($job, $framing): void { $job->framing = $framing->toArray(); };
            $what[] = 'framing of the art';
        }
        if ($given->has('heightMm')) {
            $height = $given->number('heightMm', 5, SpotSeparation::WIDEST_MM, 'mm');
            $todo[] = static function () use ($job, $height): void { $job->widthMm *= $height / $job->heightMm(); };
            $what[] = 'print height';
        }
        if ($given->has('trapFollowsPress') && $given->flag('trapFollowsPress')) {
            $todo[] = static function () use ($job): void { $job->trapMm = null; };
            $what[] = 'trap';
        }
        if ($given->has('toleranceMm')) {
            $todo[] = static function () use ($job): void { $job->toleranceSet = true; };
        }
        if ($given->has('toleranceFollowsPlates') && $given->flag('toleranceFollowsPlates')) {
            $budget = $job->separation['budget_mm'] ?? null;
            $todo[] = static function () use ($job, $budget): void {
                $job->toleranceSet = false;
                $job->toleranceMm = max(SeparateJob::BUTT_MM, \is_float($budget) || \is_int($budget) ? (float) $budget : 0.0);
            };
            $what[] = 'tolerance';
        }
    }

    /**
     * @param list<\Closure(): void> $todo
     * @param list<string>           $what
     */
    private function decisions(Job $job, Given $given, array &$todo, array &$what): void
    {
        if ($given->has('split')) {
            $hex = Srgb::fromHex($given->text('split'), 'split')->hex();
            $todo[] = static function () use ($job, $hex): void { $job->splits = array_values(array_unique([...$job->splits, $hex])); };
            $what[] = 'parting '.$hex;
        }
        if ($given->has('lock')) {
            $hex = Srgb::fromHex($given->object('lock')->text('hex'), 'lock.hex')->hex();
            $id = $given->object('lock')->whole('inkId', 0, \PHP_INT_MAX);
            if ($id > 0 && $this->entities->find(Ink::class, $id) === null) {
                throw Refusal::at('lock.inkId', 'That ink is not on the shelf any more. Choose another.');
            }
            $todo[] = static function () use ($job, $hex, $id): void { $job->locks = $id === 0 ? array_diff_key($job->locks, [$hex => 0]) : [...$job->locks, $hex => $id]; };
            $what[] = 'ink of '.$hex;
        }
        foreach (['highlight' => ['highlights', 'highlight'], 'onBase' => ['onBase', 'base'], 'overprint' => ['overprints', 'overprint']] as $name => [$field, $word]) {
            if ($given->has($name)) {
                $hex = Srgb::fromHex($given->object($name)->text('hex'), $name.'.hex')->hex();
                $on = $given->object($name)->flag('on');
                $todo[] = static function () use ($job, $field, $hex, $on): void { $job->{$field} = [...$job->{$field}, $hex => $on]; };
                $what[] = $word.' of '.$hex;
            }
        }
        if ($given->has('thicken')) {
            $hex = Srgb::fromHex($given->object('thicken')->text('hex'), 'thicken.hex')->hex();
            $mm = $given->object('thicken')->number('mm', 0, 2, 'mm');
            $todo[] = static function () use ($job, $hex, $mm): void { $job->thicken = $mm > 0 ? [...$job->thicken, $hex => $mm] : array_diff_key($job->thicken, [$hex => 0]); };
            $what[] = 'thin lines of '.$hex;
        }
        if ($given->has('baseFrom')) {
            $from = $given->textOr('baseFrom', '');
            $hex = $from === '' ? null : Srgb::fromHex($from, 'baseFrom')->hex();
            $todo[] = static function () use ($job, $hex): void { $job->baseFrom = $hex; };
            $what[] = 'base';
        }
    }

    /**
     * @param list<\Closure(): void> $todo
     * @param list<string>           $what
     */
    private function films(Job $job, Given $given, array &$todo, array &$what): void
    {
        if ($given->has('filmPrinterId')) {
            $printer = $given->whole('filmPrinterId', 0, \PHP_INT_MAX) === 0 ? null : $this->standing(FilmPrinter::class, $given, 'filmPrinterId', 'film printer');
            $todo[] = static function () use ($job, $printer): void { $job->filmPrinter = $printer; };
            $what[] = 'film printer';
        }
        if ($given->has('filmFormats')) {
            $formats = FilmSetWriter::formats(implode(',', $given->texts('filmFormats')));
            if (array_intersect($formats, ['pdf', 'png', 'tiff']) === []) {
                throw Refusal::at('filmFormats', 'The light table reads films back from PDF, PNG or TIFF. Choose one of these as well.');
            }
            $todo[] = static function () use ($job, $formats): void { $job->filmFormats = $formats; };
            $what[] = 'film formats';
        }
        if ($given->has('stepWedge')) {
            $on = $given->flag('stepWedge');
            $todo[] = static function () use ($job, $on): void { $job->stepWedge = $on; };
            $what[] = 'step wedge';
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
