<?php

declare(strict_types=1);

namespace Ektype\App\Api\Jobs;

use Ektype\App\Action\Jobs\DescribeJob;
use Ektype\App\Action\Jobs\GiveCare;
use Ektype\App\Action\Jobs\NoteOnJob;
use Ektype\App\Request\Day;
use Ektype\App\Request\Words;
use Ektype\Core\Advice\Care;

/** What a job is called, for whom, where it goes and when, and with how much care. What is not named stays. */
final readonly class JobPatch implements JobChanges
{
    public function __construct(
        #[Words(120)]
        public ?string $name = null,
        #[Words(120, mayBeEmpty: true)]
        public ?string $customer = null,
        #[Words(40, mayBeEmpty: true)]
        public ?string $place = null,
        #[Day]
        public ?string $dueOn = null,
        public ?Care $care = null,
        #[Words(2000, mayBeEmpty: true)]
        public ?string $notes = null,
    ) {
    }

    public function changes(int $job): array
    {
        $named = static fn (mixed ...$values): bool => array_filter($values, static fn (mixed $one): bool => $one !== null) !== [];

        return Named::some([
            ...$named($this->name, $this->customer, $this->place, $this->dueOn) ? [new DescribeJob($job, name: $this->name, customer: $this->customer, place: $this->place, dueOn: $this->dueOn)] : [],
            ...$this->care === null ? [] : [new GiveCare($job, $this->care)],
            ...$this->notes === null ? [] : [new NoteOnJob($job, $this->notes)],
        ]);
    }
}
