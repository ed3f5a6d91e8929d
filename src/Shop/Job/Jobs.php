<?php

declare(strict_types=1);

namespace Ektype\App\Shop\Job;

use Ektype\App\Shop\Emulsion\Emulsion;
use Ektype\App\Shop\FilmPrinter\FilmPrinter;
use Ektype\App\Shop\Lamp\Lamp;
use Ektype\App\Shop\NotHere;
use Ektype\App\Shop\Press\Press;
use Ektype\App\Shop\Shelf;

/**
 * The jobs of the shop.
 *
 * @extends Shelf<Job>
 */
final readonly class Jobs extends Shelf
{
    protected static function kind(): string
    {
        return Job::class;
    }

    /** @return list<Job> newest first, with their plates */
    public function newestFirst(): array
    {
        return $this->asked(
            'SELECT j, p, i, f FROM '.Job::class.' j LEFT JOIN j.plates p LEFT JOIN p.ink i LEFT JOIN p.frame f ORDER BY j.id DESC',
        );
    }

    /** @return list<Job> that are not put away, as they came, with their plates and frames */
    public function open(): array
    {
        return $this->asked('SELECT j, p, i, f FROM '.Job::class.' j LEFT JOIN j.plates p LEFT JOIN p.ink i LEFT JOIN p.frame f WHERE j.finishedOn IS NULL ORDER BY j.id ASC');
    }

    public function newest(): Job
    {
        return $this->shelf()->findOneBy([], ['id' => 'DESC']) ?? throw new NotHere();
    }

    /** With all that its figures ask for. */
    public function whole(int $id): Job
    {
        return $this->asked(
            'SELECT j, p, i, f FROM '.Job::class.' j LEFT JOIN j.plates p LEFT JOIN p.ink i LEFT JOIN p.frame f WHERE j.id = :id',
            ['id' => $id],
        )[0] ?? throw new NotHere();
    }

    public function using(Press|Lamp|Emulsion|FilmPrinter $one): int
    {
        return $this->shelf()->count([match (true) {
            $one instanceof Press => 'press',
            $one instanceof Lamp => 'lamp',
            $one instanceof Emulsion => 'emulsion',
            default => 'filmPrinter',
        } => $one]);
    }
}
