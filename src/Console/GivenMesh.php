<?php

declare(strict_types=1);

namespace Ektype\App\Console;

use Ektype\Core\Mesh\Mesh;
use Ektype\Core\Unit\Given;

/** A mesh as the commands name it. */
final class GivenMesh
{
    public static function of(Given $given): Mesh
    {
        return new Mesh($given->number('threads_per_cm'), $given->number('thread_um', unit: 'µm'), $given->flag('dyed'), $given->numberOr('opening_um', null, unit: 'µm'), $given->numberOr('thickness_um', null, unit: 'µm'));
    }
}
