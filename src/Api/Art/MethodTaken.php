<?php

declare(strict_types=1);

namespace Ektype\App\Api\Art;

use Ektype\App\Action\Art\FollowMethod;
use Ektype\App\Action\Work\AskForWork;
use Ektype\App\Api\Jobs\JobChanges;
use Ektype\App\Api\Jobs\Named;
use Ektype\App\Shop\Task\TaskKind;
use Ektype\Core\Separation\MethodName;

/** The way in which a job is separated from now on. What is not named stays. */
final readonly class MethodTaken implements JobChanges
{
    public function __construct(
        public ?MethodName $method = null,
    ) {
    }

    public function changes(int $job): array
    {
        return Named::some([
            ...$this->method === null ? [] : [new FollowMethod($job, $this->method), new AskForWork($job, TaskKind::Separate)],
        ]);
    }
}
