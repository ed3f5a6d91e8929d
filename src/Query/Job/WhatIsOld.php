<?php

declare(strict_types=1);

namespace Ektype\App\Query\Job;

use Ektype\App\Shop\Job\Job;

/** What a change has made old, said at each stage where it stands, and nowhere else. */
final class WhatIsOld
{
    private const CHANGED = 'The art, its size or its garment was changed after the plates were drawn. ';

    /**
     * @param list<PlateStanding> $plates
     *
     * @return list<Minded>
     */
    public static function of(Job $job, array $plates): array
    {
        if ($job->separationPath === null) {
            return [];
        }
        $says = $job->separationIsCurrent() ? self::afterThePlates($job, $plates) : [
            'plates' => self::CHANGED.'These plates are from before the change: separate again.',
            'films' => $job->filmsPath === null ? '' : self::CHANGED.'These films are from before the change: burn none of them.',
            'screens' => self::CHANGED.'Mesh and stencil are reckoned for the old plates.',
            'light' => self::CHANGED.'These times are for the old plates: burn nothing by them.',
            'press' => self::CHANGED.'Order, marks and turns are for the old plates.',
            'run' => self::CHANGED.'This work order is out of date: print nothing by it.',
        ];

        $said = array_filter($says, static fn (string $one): bool => $one !== '');

        return array_map(static fn (string $stage, string $one): Minded => new Minded($stage, $one), array_keys($said), $said);
    }

    /** Of a proof that shows what is not printed any more; empty where it shows what is. */
    public static function proof(Job $job): string
    {
        return $job->separationPath === null || $job->separationIsCurrent() ? '' : self::CHANGED.'This proof is out of date: approve nothing by it.';
    }

    /**
     * @param list<PlateStanding> $plates
     *
     * @return array<string, string> by stage
     */
    private static function afterThePlates(Job $job, array $plates): array
    {
        $oldFilms = $job->filmsPath !== null && !$job->filmsAreCurrent();
        $screens = array_map(
            static fn (PlateStanding $p): string => \sprintf('frame %s (%s)', $p->plate->frame->label ?? '', $p->plate->name),
            array_filter($plates, static fn (PlateStanding $p): bool => $p->oldPicture),
        );
        $carry = $screens === [] ? '' : \sprintf('Burned before the plates were changed: %s. Make %s again before it is printed.', implode(', ', $screens), \count($screens) === 1 ? 'that screen' : 'those screens');

        return [
            'films' => $oldFilms ? 'The plates, their names or their meshes were changed after these films were written: write them again, burn none of them.' : '',
            'screens' => $carry,
            'light' => trim(($oldFilms ? 'The films are older than the plates: write them again before anything is burned. ' : '').$carry),
            'press' => $carry,
            'run' => trim(($oldFilms ? 'The films are older than the plates. ' : '').$carry),
        ];
    }
}
