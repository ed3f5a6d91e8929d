<?php

declare(strict_types=1);

namespace Ektype\App\Plan;

/** An argument that is read from the body as a merge patch of what can be chosen (RFC 7396): what is absent stays, null goes back to automatic. */
#[\Attribute(\Attribute::TARGET_PARAMETER)]
final class MergePatch
{
    /** @param class-string $of whose properties it may name */
    public function __construct(public readonly string $of)
    {
    }
}
