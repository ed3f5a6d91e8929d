<?php

declare(strict_types=1);

namespace Ektype\App\Query\Press;

/** The squeegee of a screen and how often it goes over. */
final readonly class SqueegeeShown
{
    public function __construct(public string $hardness, public float $widthMm, public float $angleDeg, public int $strokes, public int $layers, public string $says, public string $strokesSay, public bool $fits)
    {
    }
}
