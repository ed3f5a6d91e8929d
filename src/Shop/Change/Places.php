<?php

declare(strict_types=1);

namespace Ektype\App\Shop\Change;

use Ektype\App\Shop\Job\Jobs;
use Ektype\App\Shop\Plate\Plate;

/** Finds what belongs to a place by its name. */
final readonly class Places
{
    public function __construct(private Jobs $jobs)
    {
    }

    public function named(string $name): Place
    {
        $id = Place::jobIn($name);
        if ($id === null) {
            return Place::shelf($name);
        }
        $plates = $this->jobs->find($id)?->platesInOrder() ?? [];

        return Place::job(
            $id,
            array_map(static fn (Plate $p): int => $p->idOrFail(), $plates),
            array_values(array_filter(array_map(static fn (Plate $p): ?int => $p->frame?->id, $plates), static fn (?int $id): bool => $id !== null)),
        );
    }
}
