<?php

declare(strict_types=1);

namespace Ektype\Core\Method\Layers;

/** How a layer ends. */
enum LayerEdge: string
{
    case Clean = 'clean';
    /** Runs out in fine grain over a blend of the picture. */
    case Soft = 'soft';
    /** Runs out in coarse grain, as chalk does. */
    case Grain = 'grained';
}
