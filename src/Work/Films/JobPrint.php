<?php

declare(strict_types=1);

namespace Ektype\App\Work\Films;

use Ektype\App\Shop\Frame\Frames;
use Ektype\App\Shop\Gain\ChartReads;
use Ektype\App\Shop\Ink\Inks;
use Ektype\App\Shop\Job\BegunPlan;
use Ektype\App\Shop\Job\Job;
use Ektype\Core\Colour\Srgb;
use Ektype\Core\Mesh\Mesh;
use Ektype\Core\Plate\PlateRole;
use Ektype\Core\Separation\GivenInk;
use Ektype\Core\Separation\PrintWanted;
use Ektype\Core\Separation\PulledPrint;
use Ektype\Core\Tone\CalmDots;

/** What the plates of a job are for. */
final readonly class JobPrint
{
    public function __construct(private Inks $inks, private ChartReads $charts, private Frames $frames)
    {
    }

    public function of(Job $job): PrintWanted
    {
        $shelf = [];
        foreach ($this->inks->all() as $ink) {
            $shelf[$ink->idOrFail()] = new GivenInk($ink->name, Srgb::fromHex($ink->hex), $ink->hiding, $ink->kind->traits()->isTransparent());
        }

        return new PrintWanted(
            $job->widthMm,
            Srgb::fromHex($job->garmentHex),
            $job->filmProfile()->dpi,
            $job->press?->registerSigmaMm,
            $shelf,
            PulledPrint::sinks($job->substrate),
            curve: $this->charts->known($job->gainSetting())->gain->curve(),
            substrate: $job->substrate,
            mesh: $this->mesh($job),
        );
    }

    /** Of the base’s frame; until it has one, that of the rack which such work is usually printed through. */
    private function mesh(Job $job): Mesh
    {
        foreach ($job->platesInOrder() as $plate) {
            if ($plate->role === PlateRole::Base && $plate->frame !== null) {
                return $plate->frame->mesh();
            }
        }

        return CalmDots::nearest(BegunPlan::meshes($this->frames->all()));
    }
}
