<?php

declare(strict_types=1);

namespace Ektype\App\Plan;

use Ektype\Core\Separation\MethodName;
use Ektype\Core\Separation\Plan;

/** What is read as a merge patch of what can be chosen (RFC 7396): what is absent stays, null goes back to automatic. */
#[\Attribute(\Attribute::TARGET_PARAMETER | \Attribute::TARGET_PROPERTY)]
final class MergePatch
{
    /** @var non-empty-list<class-string> */
    public readonly array $of;

    /** @param class-string $of whose properties it may name; of a plan those of the method at hand */
    public function __construct(string $of)
    {
        $this->of = $of === Plan::class ? array_column(MethodName::cases(), 'plan') : [$of];
    }
}
