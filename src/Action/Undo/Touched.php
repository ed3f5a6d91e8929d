<?php

declare(strict_types=1);

namespace Ektype\App\Action\Undo;

use Ektype\App\Shop\Change\TouchedRow;

/** What a change has touched. */
final readonly class Touched
{
    /**
     * @param list<TouchedRow> $rows
     * @param list<object>     $made what is new in the shop
     */
    public function __construct(public array $rows, public array $made)
    {
    }

    public function isEmpty(): bool
    {
        return $this->rows === [];
    }
}
