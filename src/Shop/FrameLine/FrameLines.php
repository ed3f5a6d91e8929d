<?php

declare(strict_types=1);

namespace Ektype\App\Shop\FrameLine;

use Ektype\App\Shop\Frame\Frame;
use Ektype\App\Shop\Shelf;

/**
 * The records of the frames.
 *
 * @extends Shelf<FrameLine>
 */
final readonly class FrameLines extends Shelf
{
    protected static function kind(): string
    {
        return FrameLine::class;
    }

    private const SHOWN = 40;

    /** @return list<FrameLine> latest first */
    public function of(Frame $frame): array
    {
        return $this->shelf()->findBy(['frame' => $frame], ['id' => 'DESC'], self::SHOWN);
    }
}
