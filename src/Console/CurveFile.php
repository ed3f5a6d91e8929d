<?php

declare(strict_types=1);

namespace Ektype\App\Console;

use Ektype\App\Request\UnreadableRequest;
use Ektype\Core\Halftone\ToneCurve;

/** Reads {"points": [[wished, on film], …]}, both in %. */
final class CurveFile
{
    /** @throws \Ektype\Core\Unit\Refusal|UnreadableRequest where it is no curve */
    public static function read(string $path): ToneCurve
    {
        $text = is_file($path) ? file_get_contents($path) : false;
        if ($text === false) {
            throw UnreadableRequest::at('curve', \sprintf('There is no file “%s”. Name a JSON file with the points of the curve.', basename($path)));
        }
        $read = json_decode($text, true);
        $points = [];
        foreach (\is_array($read) && \is_array($read['points'] ?? null) ? $read['points'] : [null] as $point) {
            if (!\is_array($point) || array_keys($point) !== [0, 1] || !is_numeric($point[0]) || !is_numeric($point[1])) {
                throw UnreadableRequest::at('curve', 'The curve is not {"points": [[wished tone, tone on film], …]} in per cent. Write it so, at least one point.');
            }
            $points[] = [(float) $point[0], (float) $point[1]];
        }

        return new ToneCurve($points);
    }
}
