<?php

declare(strict_types=1);

namespace Ektype\Core\Choice;

/** A plate that wants a frame. */
final readonly class RackPlate
{
    public function __construct(public string $name, public MeshQuestion $asks)
    {
    }
}
