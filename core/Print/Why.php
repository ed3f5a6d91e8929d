<?php

declare(strict_types=1);

namespace Ektype\Core\Print;

/** Why a thing of a print is as it is. */
final readonly class Why
{
    /**
     * @param string $what   the property of what a hand can decide
     * @param string $usual  what it would be without the hand, in words
     * @param string $source geometry, trade default, n tests of this shop, or the hand
     */
    public function __construct(public string $what, public string $reason, public string $source, public bool $byHand, public string $usual)
    {
    }
}
