<?php

declare(strict_types=1);

namespace Ektype\App\Action;

/** Whose hand is at work: a page by the name that it gave itself, or nobody’s. */
final class Hand
{
    public string $page = '';
    /** The turn of the shop that the page shows; null where it did not say. */
    public ?int $seen = null;
}
