<?php

declare(strict_types=1);

namespace Ektype\App\Api\Rack;

use Doctrine\ORM\EntityManagerInterface;
use Ektype\App\Api\Jobs\JobReckoner;
use Ektype\App\Api\Jobs\PlateStencil;
use Ektype\App\Api\Jobs\StencilReckoner;
use Ektype\App\Shop\Change\ChangeShelf;
use Ektype\App\Shop\Frame\Frame;
use Ektype\App\Shop\Job\Job;
use Ektype\App\Shop\Plate\Plate;
use Ektype\Core\Rack\RackAssignment;
use Ektype\Core\Rack\RackChoice;
use Ektype\Core\Rack\RackFrame;
use Ektype\Core\Rack\RackPlate;
use Ektype\Core\Unit\Refusal;

/** Gives all plates of a job their frames at once: the best set of like tension. Plates that are burned keep theirs. */
final readonly class JobFrames
{
    private const ITSELF = 'this job';

    public function __construct(private EntityManagerInterface $entities, private ChangeShelf $changes, private JobReckoner $reckoner, private PlateStencil $stencils)
    {
    }

    /** The best set, before it is taken: what each plate would get, what must be done first and what is missing. */
    public function proposal(Job $job): FrameSetView
    {
        $open = self::notBurned($job);
        if ($open === []) {
            return new FrameSetView([], 0.0, []);
        }
        $choice = $this->best($job, $open);
        $rows = [];
        foreach ($open as $i => $plate) {
            $rows[] = new FrameSetRowView($plate->idOrFail(), $plate->name, $choice->plates[$i]['frame'] ?? '', $choice->plates[$i]['first'], $choice->plates[$i]['why']);
        }

        return new FrameSetView($rows, round($choice->tensionSpreadNPerCm, 2), $choice->missing);
    }

    /** @throws Refusal where not one plate could get a frame */
    public function choose(Job $job): void
    {
        $open = self::open($job);
        $choice = $this->best($job, $open);
        if (array_filter(array_column($choice->plates, 'frame'), is_string(...)) === []) {
            throw Refusal::at('frames', implode(' ', $choice->missing));
        }
        $frames = [];
        foreach ($this->entities->getRepository(Frame::class)->findBy([], ['id' => 'ASC']) as $frame) {
            $frames[$frame->label] = $frame;
        }
        $this->changes->remember($job, 'Frames for all plates');
        foreach ($open as $i => $plate) {
            $label = $choice->plates[$i]['frame'];
            $frame = $label === null ? null : $frames[$label] ?? null;
            if ($plate->frame !== $frame) {
                $plate->frame = $frame;
                // Another frame is another stencil: what was gauged stays with the old one.
                $on = $this->stencils->on($frame);
                $plate->gaugedEomUm = $on?->burnedSeconds === null ? $on?->gaugedEomUm : null;
                $plate->beforeLight = [];
            }
        }
        $this->entities->flush();
    }

    /** @return list<Plate> */
    private static function open(Job $job): array
    {
        $open = self::notBurned($job);
        if ($open === []) {
            throw Refusal::because('Every plate of the job is burned already: its frames stay as they are.');
        }

        return $open;
    }

    /** @return list<Plate> */
    private static function notBurned(Job $job): array
    {
        return array_values(array_filter($job->platesInOrder(), static fn (Plate $p): bool => $p->burnedSeconds === null));
    }

    /** @param list<Plate> $open */
    private function best(Job $job, array $open): RackChoice
    {
        $taken = [];
        foreach ($this->entities->getRepository(Plate::class)->findAll() as $plate) {
            if ($plate->frame !== null) {
                $taken[$plate->frame->idOrFail()] = \in_array($plate, $open, true) ? self::ITSELF : $plate->job->name.', '.$plate->name;
            }
        }
        $today = new \DateTimeImmutable();
        $screens = $this->reckoner->screens($job, StencilReckoner::of($this->entities, $today));
        $age = static fn (Frame $f): float => $f->stretchedOn === null ? 0.0 : ($today->getTimestamp() - (new \DateTimeImmutable($f->stretchedOn))->getTimestamp()) / 86400;

        return RackAssignment::best(
            array_map(static fn (Plate $p): RackPlate => new RackPlate($p->name, $screens->question($p)), $open),
            array_map(static fn (Frame $f): RackFrame => new RackFrame($f->label, $f->mesh(), $f->insideWidthMm, $f->insideHeightMm, $f->tensionNPerCm, $f->state, $f->uses, $taken[$f->idOrFail()] ?? '', $age($f)), $this->entities->getRepository(Frame::class)->findBy([], ['id' => 'ASC'])),
            $job->widthMm,
            $job->heightMm(),
            $job->press->centreFromEndMm ?? 10_000,
            self::ITSELF,
        );
    }
}
