<?php

declare(strict_types=1);

namespace Ektype\App\Work;

use Ektype\App\Shop\Gain\ChartReads;
use Ektype\App\Shop\Ink\Inks;
use Ektype\App\Shop\Job\Job;
use Ektype\Core\Colour\Srgb;
use Ektype\Core\Ink\InkKind;
use Ektype\Core\Separation\GivenInk;
use Ektype\Core\Separation\PrintWanted;
use Ektype\Core\Separation\PulledPrint;

/** What the plates of a job are for. */
final readonly class JobPrint
{
    public function __construct(private Inks $inks, private ChartReads $charts)
    {
    }

    public function of(Job $job): PrintWanted
    {
        $shelf = [];
        foreach ($this->inks->all() as $ink) {
            $shelf[$ink->idOrFail()] = new GivenInk($ink->name, Srgb::fromHex($ink->hex), $ink->hiding, $ink->kind === InkKind::Transparent);
        }

        return new PrintWanted(
            $job->widthMm,
            Srgb::fromHex($job->garmentHex),
            $job->filmProfile()->dpi,
            $job->press?->registerSigmaMm,
            $shelf,
            PulledPrint::sinks($job->substrate),
            $this->charts->known($job->gainSetting())->gain->curve(),
        );
    }
}
