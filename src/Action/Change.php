<?php

declare(strict_types=1);

namespace Ektype\App\Action;

/** A change to the shop: a small value that says what, and the one method that carries it out. */
interface Change
{
    /**
     * Runs behind the write lock: what it reads is how the shop stands, whoever else was at it.
     *
     * @return string what was done, as undo and records name it
     *
     * @throws \Ektype\Core\Unit\Refusal where it cannot be done; nothing is stored then
     */
    public function carryOut(ShopFloor $shop): string;
}
