<?php

declare(strict_types=1);

namespace Ektype\App\Shop\Frame;

use Ektype\App\Shop\Job\Job;
use Ektype\App\Shop\Plate\Plate;
use Ektype\App\Shop\Plate\PlateAsks;
use Ektype\App\Shop\Stencil\Stencil;
use Ektype\Core\Choice\PrintOnFrames;
use Ektype\Core\Choice\RackAssignment;
use Ektype\Core\Choice\RackChoice;
use Ektype\Core\Choice\RackFrame;
use Ektype\Core\Choice\RackPlate;
use Ektype\Core\Mesh\Mesh;

/** The best set of frames for the plates of a job that are not burned yet. */
final readonly class BestFrames
{
    /** What the frames of the job itself are taken by. */
    public const ITSELF = 'this job';

    /**
     * @param list<Plate> $plates that are to get a frame
     * @param list<Frame> $rack
     */
    private function __construct(public array $plates, private array $rack, public RackChoice $choice)
    {
    }

    /**
     * @param list<Frame>     $rack
     * @param list<Plate>     $held     plates of all jobs that hold a frame
     * @param list<Stencil>   $stencils that are on a frame
     * @param list<Mesh>|null $meshes   that a frame could be stretched with; null takes the typical ones
     */
    public static function of(
        Job $job,
        array $rack,
        array $held,
        array $stencils,
        float $divisor,
        \DateTimeImmutable $today,
        ?array $meshes = null,
    ): self {
        $on = [];
        foreach ($stencils as $stencil) {
            $on[$stencil->frame->idOrFail()] = $stencil;
        }
        $open = array_values(array_filter($job->platesInOrder(), static function (Plate $p) use ($on): bool {
            $stencil = $p->frame === null ? null : $on[$p->frame->idOrFail()] ?? null;

            return $stencil?->isBurned() !== true || $stencil->plate() !== $p;
        }));
        $taken = [];
        foreach ($held as $plate) {
            if ($plate->frame !== null) {
                $taken[$plate->frame->idOrFail()] = \in_array($plate, $open, true) ? self::ITSELF : $plate->job->name.', '.$plate->name;
            }
        }
        $asks = array_map(static fn (Plate $p): RackPlate => new RackPlate($p->name, PlateAsks::of($p, $divisor)), $open);
        $offers = array_map(static fn (Frame $f): RackFrame => self::offered($f, $taken[$f->idOrFail()] ?? '', $today), $rack);
        $choice = $open === [] ? new RackChoice([], 0.0, 0.0, []) : RackAssignment::best(
            $asks,
            $offers,
            self::print($job),
            self::ITSELF,
            $meshes,
        );

        return new self($open, $rack, $choice);
    }

    public static function offered(Frame $f, string $takenBy, \DateTimeImmutable $today): RackFrame
    {
        return new RackFrame(
            $f->label,
            $f->mesh(),
            $f->insideWidthMm,
            $f->insideHeightMm,
            $f->tensionNPerCm,
            $f->state,
            uses: $f->uses,
            takenBy: $takenBy,
            ageDays: $f->ageDays($today),
        );
    }

    public static function print(Job $job): PrintOnFrames
    {
        return new PrintOnFrames($job->widthMm, $job->heightMm(), $job->press?->centreFromEndMm);
    }

    public function isEmpty(): bool
    {
        foreach ($this->choice->plates as $row) {
            if ($row->frame !== null) {
                return false;
            }
        }

        return true;
    }

    /** The frame that a plate would get; null where it is burned already, or none is to be had. */
    public function frameFor(Plate $plate): ?Frame
    {
        $i = array_search($plate, $this->plates, true);

        return $i === false ? null : $this->frameOf($i);
    }

    public function frameOf(int $plate): ?Frame
    {
        $label = $this->choice->plates[$plate]->frame;
        foreach ($this->rack as $frame) {
            if ($frame->label === $label) {
                return $frame;
            }
        }

        return null;
    }
}
