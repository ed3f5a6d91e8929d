<?php

declare(strict_types=1);

namespace Ektype\App\Query\Morning;

use Ektype\Core\Morning\UsualFrames;
use Ektype\Core\Morning\UsualInk;

/** What a shop that prints so usually has. */
final readonly class UsualShop
{
    /**
     * @param list<UsualInk>    $inks
     * @param list<UsualFrames> $frames coarse to fine
     */
    public function __construct(public string $prints, public string $says, public array $inks, public array $frames)
    {
    }
}
