<?php

declare(strict_types=1);

namespace Ektype\Core\Plate;

/** What is printed on. */
enum Substrate: string
{
    case Cotton = 'cotton';
    case Polyester = 'polyester';
    case TriBlend = 'tri-blend';
    case Nylon = 'nylon';
    case Fleece = 'fleece';
    case Canvas = 'canvas';
    case Paper = 'paper';
    case Rigid = 'rigid';

    /** Cloth drinks ink; paper and hard surfaces hold it on top. */
    public function drinksInk(): bool
    {
        return $this !== self::Paper && $this !== self::Rigid;
    }

    /** How much higher the screen stands off than over flat cloth (heuristic). */
    public function offContactFactor(): float
    {
        return $this === self::Fleece ? 2.0 : 1.0;
    }
}
