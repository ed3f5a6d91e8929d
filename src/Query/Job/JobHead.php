<?php

declare(strict_types=1);

namespace Ektype\App\Query\Job;

use Ektype\Core\Advice\Care;
use Ektype\Core\Order\GarmentLine;
use Ektype\Core\Plate\Substrate;

/** The head of a job: what every page of it shows, and the only thing that is asked again and again. */
final readonly class JobHead
{
    /**
     * @param int               $turn      of the shop: benches that were seen in another turn are stale
     * @param string            $pullKey   changes whenever the pull has to be drawn anew
     * @param list<Strip>       $plates    in print order
     * @param string            $cloth     the colour of the garment in a word: as it was named, else what it looks like
     * @param JobTask|null      $task      work that is under way or has failed
     * @param string            $pressMind what the press has no place for; empty where it has
     * @param list<GarmentLine> $lines     the garments of the order; none where it is one that nobody counted by sizes
     * @param int|null          $againOf   the job that it prints again
     * @param list<string>      $since     what has changed since that was printed
     * @param list<Minded>      $minds     what must be minded at which stage: what a change made old, ink that hardly shows on the cloth
     */
    public function __construct(
        public int $id,
        public int $turn,
        public string $name,
        public string $customer,
        public Substrate $substrate,
        public string $garment,
        public string $garmentName,
        public string $garmentHex,
        public string $cloth,
        public int $quantity,
        public Care $care,
        public string $place,
        public ?string $dueOn,
        public ?string $finishedOn,
        public float $widthMm,
        public float $heightMm,
        public float $acrossMm,
        public float $dropMm,
        public float $toleranceMm,
        public ?int $pressId,
        public ?int $lampId,
        public ?int $emulsionId,
        public bool $separated,
        public bool $separationCurrent,
        public bool $filmsWritten,
        public bool $filmsCurrent,
        public string $pullKey,
        public array $plates,
        public NextStep $next,
        public ?JobTask $task,
        public string $pressMind,
        public string $notes,
        public array $lines,
        public ?int $againOf,
        public array $since,
        public array $minds,
    ) {
    }
}
