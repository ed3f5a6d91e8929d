<?php

declare(strict_types=1);

namespace Ektype\App\Device;

use Ektype\App\Shop\Frame\Frame;

/** A gauge that is laid on a frame's mesh. */
interface TensionGauge
{
    /** As it is called on screen; a stand-in says that it is simulated. */
    public function name(): string;

    /** @return array{along: list<float>, across: list<float>} N/cm at the four corners and the middle */
    public function read(Frame $frame, \DateTimeImmutable $at): array;
}
