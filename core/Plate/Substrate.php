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

    /** Cloth that is worn next to the skin or is thin: a heavy layer of ink makes a board of it. */
    public function isSoft(): bool
    {
        return \in_array($this, [self::Cotton, self::Polyester, self::TriBlend, self::Nylon], true);
    }

    /** Fibres stand up through a thin layer of ink. */
    public function isRough(): bool
    {
        return $this === self::Fleece || $this === self::Canvas;
    }

    /** How much higher the screen stands off than over flat cloth (heuristic). */
    public function offContactFactor(): float
    {
        return $this === self::Fleece ? 2.0 : 1.0;
    }
}
