<?php

declare(strict_types=1);

namespace Ektype\App\Work;

use Ektype\App\Shop\Job\Job;
use Ektype\App\Shop\Plate\Plate;
use Ektype\Core\Colour\Srgb;
use Ektype\Core\Separation\PlateCost;
use Ektype\Core\Separation\PlateRole;
use Ektype\Core\Unit\Refusal;

/** What the plates of a job buy. */
final class PlateCosts
{
    /** @return list<Plate> the plates that carry a colour of the art, in print order */
    public static function inks(Job $job): array
    {
        return array_values(array_filter($job->platesInOrder(), static fn (Plate $p): bool => !self::isWhiteBase($p)));
    }

    public static function isWhiteBase(Plate $plate): bool
    {
        return $plate->role() === PlateRole::Base && $plate->artHex === null;
    }

    /** @throws Refusal where the job has no plates yet */
    public static function reckoner(Job $job): PlateCost
    {
        $inks = self::inks($job);
        if ($inks === []) {
            throw Refusal::because('The job has no plates yet. Separate its art first.');
        }

        return new PlateCost(
            array_map(static fn (Plate $p): array => ['name' => $p->name, 'colour' => Srgb::fromHex($p->ink->hex ?? $p->hex), 'area_cm2' => $p->artAreaCm2], $inks),
            Srgb::fromHex($job->garmentHex),
            \count($inks) < \count($job->platesInOrder()),
        );
    }
}
