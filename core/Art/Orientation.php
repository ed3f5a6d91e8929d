<?php

declare(strict_types=1);

namespace Ektype\Core\Art;

/** Which way up a camera or scanner says that its picture belongs (Exif 2.3, tag 274). */
enum Orientation: int
{
    case Upright = 1;
    case Mirrored = 2;
    case HalfTurn = 3;
    case MirroredHalfTurn = 4;
    case MirroredLeft = 5;
    case Right = 6;
    case MirroredRight = 7;
    case Left = 8;

    /** Degrees clockwise that the stored picture is turned by, after it was mirrored left to right where it must be. */
    public function turn(): int
    {
        return match ($this) {
            self::Upright, self::Mirrored => 0,
            self::HalfTurn, self::MirroredHalfTurn => 180,
            self::Right, self::MirroredRight => 90,
            self::Left, self::MirroredLeft => 270,
        };
    }

    public function isMirrored(): bool
    {
        return \in_array($this, [self::Mirrored, self::MirroredHalfTurn, self::MirroredLeft, self::MirroredRight], true);
    }

    public function swapsSides(): bool
    {
        return $this->turn() % 180 !== 0;
    }
}
