<?php

declare(strict_types=1);

namespace Ektype\App\Shop\Change;

use Doctrine\ORM\EntityManagerInterface;
use Ektype\App\Shop\Emulsion\Emulsion;
use Ektype\App\Shop\FilmPrinter\FilmPrinter;
use Ektype\App\Shop\Frame\Frame;
use Ektype\App\Shop\Ink\Ink;
use Ektype\App\Shop\Job\Job;
use Ektype\App\Shop\Lamp\Lamp;
use Ektype\App\Shop\Plate\Plate;
use Ektype\App\Shop\Press\Press;
use Ektype\Core\Unit\Refusal;

/** Keeps a job as it stood before each change, and goes back. */
final readonly class ChangeShelf
{
    /** Plain fields of a job and of a plate that a change can touch. */
    private const JOB = ['name', 'customer', 'substrate', 'garment', 'garmentName', 'garmentHex', 'quantity', 'place', 'dueOn', 'widthMm', 'chokeMm', 'inks', 'printGround', 'merges', 'leftOpen', 'separationPath', 'separation', 'separationKey', 'filmsPath', 'filmsKey', 'toleranceMm', 'toleranceSet', 'trapMm', 'acrossMm', 'dropMm', 'framing', 'splits', 'locks', 'highlights', 'onBase', 'overprints', 'thicken', 'baseFrom', 'positives', 'filmFormats', 'stepWedge', 'filmCheck'];
    private const PLATE = ['position', 'drawing', 'name', 'role', 'hex', 'coveragePct', 'areaCm2', 'artHex', 'artAreaCm2', 'overprints', 'finestLineMm', 'finestGapMm', 'thinLines', 'thinGaps', 'gaugedEomUm', 'burnedSeconds', 'readings', 'lpi', 'angleDeg', 'tones', 'depositUm', 'beforeLight', 'sinkCheck'];
    private const KEPT_A_JOB = 100;

    public function __construct(private EntityManagerInterface $entities)
    {
    }

    /** To be called before the change is made. */
    public function remember(Job $job, string $what): void
    {
        $ofJob = $this->entities->getClassMetadata(Job::class);
        $ofPlate = $this->entities->getClassMetadata(Plate::class);
        $plates = [];
        foreach ($job->platesInOrder() as $plate) {
            $kept = ['id' => $plate->id, 'ink' => $plate->ink?->id, 'frame' => $plate->frame?->id];
            foreach (self::PLATE as $field) {
                $kept[$field] = $ofPlate->getFieldValue($plate, $field);
            }
            $plates[] = $kept;
        }
        $before = ['press' => $job->press?->id, 'lamp' => $job->lamp?->id, 'emulsion' => $job->emulsion?->id, 'filmPrinter' => $job->filmPrinter?->id, 'plates' => $plates];
        foreach (self::JOB as $field) {
            $before[$field] = $ofJob->getFieldValue($job, $field);
        }
        $this->entities->persist(new Change($job, $what, $before));
        $old = $this->entities->getRepository(Change::class)->findBy(['job' => $job], ['id' => 'DESC'], 50, self::KEPT_A_JOB);
        array_walk($old, $this->entities->remove(...));
    }

    /** @return string what was taken back */
    public function undo(Job $job): string
    {
        $change = $this->entities->getRepository(Change::class)->findOneBy(['job' => $job], ['id' => 'DESC'])
            ?? throw Refusal::because('There is nothing to undo on this job.');
        $before = $change->before;
        $ofJob = $this->entities->getClassMetadata(Job::class);
        foreach (self::JOB as $field) {
            // A change kept by an older version knows fewer fields.
            if (\array_key_exists($field, $before)) {
                $ofJob->setFieldValue($job, $field, $before[$field]);
            }
        }
        $job->press = $this->find(Press::class, $before['press'] ?? null);
        $job->lamp = $this->find(Lamp::class, $before['lamp'] ?? null);
        $job->emulsion = $this->find(Emulsion::class, $before['emulsion'] ?? null);
        $job->filmPrinter = $this->find(FilmPrinter::class, $before['filmPrinter'] ?? null);
        $this->plates($job, \is_array($before['plates'] ?? null) ? $before['plates'] : []);
        $this->entities->remove($change);
        $this->entities->flush();

        return $change->what;
    }

    /** @param array<mixed> $kept */
    private function plates(Job $job, array $kept): void
    {
        $ofPlate = $this->entities->getClassMetadata(Plate::class);
        $here = [];
        foreach ($job->platesInOrder() as $plate) {
            $here[$plate->idOrFail()] = $plate;
        }
        foreach ($kept as $row) {
            if (!\is_array($row)) {
                continue;
            }
            $id = \is_int($row['id'] ?? null) ? $row['id'] : 0;
            $plate = $here[$id] ?? new Plate($job, 0, 0, '', \Ektype\Core\Separation\PlateRole::Colour, '#000000');
            unset($here[$id]);
            foreach (self::PLATE as $field) {
                if (\array_key_exists($field, $row)) {
                    $ofPlate->setFieldValue($plate, $field, $row[$field]);
                }
            }
            $plate->ink = $this->find(Ink::class, $row['ink'] ?? null);
            $plate->frame = $this->freeFrame($job, $row['frame'] ?? null);
            if (!$job->plates->contains($plate)) {
                $job->plates->add($plate);
                $this->entities->persist($plate);
            }
        }
        foreach ($here as $gone) {
            $job->plates->removeElement($gone);
            $this->entities->remove($gone);
        }
    }

    /** The frame, unless another job has taken it since. */
    private function freeFrame(Job $job, mixed $id): ?Frame
    {
        $frame = $this->find(Frame::class, $id);
        foreach ($frame === null ? [] : $this->entities->getRepository(Plate::class)->findBy(['frame' => $frame]) as $holder) {
            if ($holder->job !== $job) {
                return null;
            }
        }

        return $frame;
    }

    /**
     * @template T of object
     *
     * @param class-string<T> $class
     *
     * @return T|null
     */
    private function find(string $class, mixed $id): ?object
    {
        return \is_int($id) ? $this->entities->find($class, $id) : null;
    }
}
