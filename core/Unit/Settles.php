<?php

declare(strict_types=1);

namespace Ektype\Core\Unit;

/** Choices that hang on each other: what was chosen now brings what was chosen before into line. */
interface Settles
{
    /** @param static $before */
    public function after(self $before): static;
}
