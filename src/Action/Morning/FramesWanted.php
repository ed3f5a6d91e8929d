<?php

declare(strict_types=1);

namespace Ektype\App\Action\Morning;

use Ektype\Core\Mesh\Mesh;

/** So many frames of a mesh, as they are told on the first morning. */
final readonly class FramesWanted
{
    public function __construct(public int $count, public Mesh $mesh)
    {
    }
}
