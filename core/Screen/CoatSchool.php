<?php

declare(strict_types=1);

namespace Ektype\Core\Screen;

/** Schools of coating. */
enum CoatSchool: string
{
    /** So many coats on each side. */
    case Counted = 'counted';
    /** On the print side until the squeegee side shines evenly, then counted. */
    case Shine = 'shine';

    /** The sharp edge from this count on, threads per inch: the schools draw the border here. */
    public const EDGE_FROM = [150.0, 160.0];

    public function words(float $sharpFromPerInch): string
    {
        return match ($this) {
            self::Shine => \sprintf(
                'The print side is coated until the squeegee side shines evenly, reckoned as two coats; sharp edge from %.0f per inch',
                $sharpFromPerInch,
            ),
            self::Counted => \sprintf('Coats are counted, print side first; sharp edge from %.0f per inch', $sharpFromPerInch),
        };
    }
}
