<?php

declare(strict_types=1);

namespace Ektype\App\Api\Light;

use Ektype\App\Action\Light\WayOfBurning;
use Ektype\App\Api\Jobs\JobChanges;
use Ektype\App\Api\Jobs\Named;

/** How the screens of a job are burned. What is not named stays. */
final readonly class LightPatch implements JobChanges
{
    public function __construct(
        public ?bool $oneTime = null,
        public ?bool $withoutFilm = null,
    ) {
    }

    public function changes(int $job): array
    {
        $named = static fn (mixed ...$values): bool => array_filter($values, static fn (mixed $one): bool => $one !== null) !== [];

        return Named::some([
            ...$named($this->oneTime, $this->withoutFilm) ? [new WayOfBurning($job, $this->oneTime, $this->withoutFilm)] : [],
        ]);
    }
}
