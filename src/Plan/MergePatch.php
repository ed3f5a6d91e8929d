<?php

declare(strict_types=1);

namespace Ektype\App\Plan;

/** What is read as a merge patch of what can be chosen (RFC 7396): what is absent stays, null goes back to automatic. */
#[\Attribute(\Attribute::TARGET_PARAMETER | \Attribute::TARGET_PROPERTY)]
final class MergePatch
{
    /** @var non-empty-list<class-string> */
    public readonly array $of;

    /** @param class-string|non-empty-list<class-string> $of whose properties it may name; of several the one at hand */
    public function __construct(array|string $of)
    {
        $this->of = \is_string($of) ? [$of] : $of;
    }
}
