<?php

declare(strict_types=1);

namespace Ektype\App\Query\Job;

/** A job on the shelf of jobs. */
final readonly class JobOnShelf
{
    /**
     * @param list<string> $inkHexes in print order
     * @param list<string> $inkNames in print order
     * @param string       $stands   where it stands, in words
     * @param string       $waits    what it waits for; empty once it is done
     * @param int|null     $daysLeft until it is due; under zero it is late
     */
    public function __construct(
        public int $id,
        public string $name,
        public string $customer,
        public string $garment,
        public string $garmentName,
        public string $garmentHex,
        public int $quantity,
        public ?string $dueOn,
        public ?string $finishedOn,
        public float $widthMm,
        public float $heightMm,
        public array $inkHexes,
        public bool $separated,
        public string $pullKey,
        public string $stands,
        public array $inkNames,
        public string $waits,
        public ?int $daysLeft,
    ) {
    }
}
