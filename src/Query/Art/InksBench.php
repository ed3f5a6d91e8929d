<?php

declare(strict_types=1);

namespace Ektype\App\Query\Art;

/** The inks of the shelf that a picture could be printed in, for each number of screens. */
final readonly class InksBench
{
    /**
     * @param string|null    $base    name of what lies under them; null for none
     * @param list<InkCount> $counts
     * @param int            $advised screens that are worth it
     * @param string         $next    what one more would gain, a plain sentence
     * @param string         $key     of the pictures: another key, other pictures
     */
    public function __construct(public ?string $base, public ?string $highlight, public array $counts, public int $advised, public string $next, public string $key)
    {
    }
}
