<?php

declare(strict_types=1);

namespace Ektype\App\Api\Rack;

use Doctrine\ORM\EntityManagerInterface;
use Ektype\App\Shop\Change\ChangeShelf;
use Ektype\App\Shop\Frame\Frame;
use Ektype\App\Shop\Job\Job;
use Ektype\App\Shop\Plate\Plate;
use Ektype\Core\Colour\Lab;
use Ektype\Core\Colour\Srgb;
use Ektype\Core\Mesh\MeshQuestion;
use Ektype\Core\Rack\RackAssignment;
use Ektype\Core\Rack\RackFrame;
use Ektype\Core\Rack\RackPlate;
use Ektype\Core\Unit\Refusal;

/** Gives all plates of a job their frames at once: the best set of like tension. Plates that are burned keep theirs. */
final readonly class JobFrames
{
    public function __construct(private EntityManagerInterface $entities, private ChangeShelf $changes)
    {
    }

    /** @throws Refusal where not one plate could get a frame */
    public function choose(Job $job): void
    {
        $open = array_values(array_filter($job->platesInOrder(), static fn (Plate $p): bool => $p->burnedSeconds === null));
        if ($open === []) {
            throw Refusal::because('Every plate of the job is burned already: its frames stay as they are.');
        }
        $taken = [];
        foreach ($this->entities->getRepository(Plate::class)->findAll() as $plate) {
            if ($plate->frame !== null && !\in_array($plate, $open, true)) {
                $taken[$plate->frame->idOrFail()] = $plate->job->name.', '.$plate->name;
            }
        }
        $garment = Lab::of(Srgb::fromHex($job->garmentHex));
        $frames = [];
        foreach ($this->entities->getRepository(Frame::class)->findBy([], ['id' => 'ASC']) as $frame) {
            $frames[$frame->label] = $frame;
        }
        $choice = RackAssignment::best(
            array_map(static fn (Plate $p): RackPlate => new RackPlate($p->name, new MeshQuestion($p->role(), $job->substrate, $p->ink->kind ?? 'plastisol', $p->finestLineMm, null, $garment)), $open),
            array_values(array_map(static fn (Frame $f): RackFrame => new RackFrame($f->label, $f->mesh(), $f->insideWidthMm, $f->insideHeightMm, $f->tensionNPerCm, $f->state, 0, $taken[$f->idOrFail()] ?? ''), $frames)),
            $job->widthMm,
            $job->heightMm(),
            $job->press->centreFromEndMm ?? 10_000,
        );
        if (array_filter(array_column($choice->plates, 'frame'), is_string(...)) === []) {
            throw Refusal::at('frames', implode(' ', $choice->missing));
        }
        $this->changes->remember($job, 'Frames for all plates');
        foreach ($open as $i => $plate) {
            $label = $choice->plates[$i]['frame'];
            $frame = $label === null ? null : $frames[$label] ?? null;
            if ($plate->frame !== $frame) {
                $plate->frame = $frame;
                // Another frame is another stencil: what was gauged stays with the old one.
                $plate->gaugedEomUm = null;
            }
        }
        $this->entities->flush();
    }
}
