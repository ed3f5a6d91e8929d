<?php

declare(strict_types=1);

namespace Ektype\App\Shop\Job;

use Ektype\App\Shop\Kept;
use Ektype\Core\Art\ArtFraming;

/** A framing as the shop stores it. */
final class KeptFraming
{
    /** @param array<string, mixed> $stored */
    public static function read(array $stored): ArtFraming
    {
        $kept = Kept::of($stored);

        return $stored === [] ? new ArtFraming() : new ArtFraming(
            $kept->number('left'),
            $kept->number('top'),
            $kept->number('width'),
            $kept->number('height'),
            $kept->number('turnDeg'),
            $kept->flag('mirror'),
        );
    }

    /** @return array<string, float|bool> */
    public static function written(ArtFraming $f): array
    {
        return [
            'left' => $f->left,
            'top' => $f->top,
            'width' => $f->width,
            'height' => $f->height,
            'turnDeg' => $f->turnDeg,
            'mirror' => $f->mirror,
        ];
    }
}
