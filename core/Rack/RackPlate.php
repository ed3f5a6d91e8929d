<?php

declare(strict_types=1);

namespace Ektype\Core\Rack;

use Ektype\Core\Mesh\MeshQuestion;

/** A plate that wants a frame. */
final readonly class RackPlate
{
    public function __construct(public string $name, public MeshQuestion $asks)
    {
    }
}
