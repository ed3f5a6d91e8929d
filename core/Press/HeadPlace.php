<?php

declare(strict_types=1);

namespace Ektype\Core\Press;

/** A head, a round or a stop of the press, and what stands there. */
final readonly class HeadPlace
{
    /**
     * @param int      $number of the head from the operator on, in the way that pieces go; of the round where one frame prints alone
     * @param int|null $plate  by its place in the print order; null where none stands there
     * @param bool     $flash  whether a flash stands there, or after it where the press is turned by hand
     */
    public function __construct(public int $number, public ?int $plate, public bool $flash, public string $says)
    {
    }
}
