<?php

declare(strict_types=1);

namespace Ektype\App\Api\Jobs;

use Ektype\App\Action\Jobs\ChooseTools;

/** The press, the lamp and the emulsion of a job. What is not named stays. */
final readonly class ToolsPatch implements JobChanges
{
    public function __construct(
        public ?int $pressId = null,
        public ?int $lampId = null,
        public ?int $emulsionId = null,
    ) {
    }

    public function changes(int $job): array
    {
        $named = static fn (mixed ...$values): bool => array_filter($values, static fn (mixed $one): bool => $one !== null) !== [];

        return Named::some([
            ...$named($this->pressId, $this->lampId, $this->emulsionId) ? [new ChooseTools($job, $this->pressId, $this->lampId, $this->emulsionId)] : [],
        ]);
    }
}
