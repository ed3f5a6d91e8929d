<?php

declare(strict_types=1);

namespace Ektype\App\Request;

use Symfony\Component\Validator\Constraints\Range;

/** A number within bounds. */
#[\Attribute(\Attribute::TARGET_PROPERTY | \Attribute::TARGET_PARAMETER)]
class Within extends Range
{
    public function __construct(float $min, float $max, public readonly string $unit = '')
    {
        $in = $unit === '' ? '' : ' '.$unit;
        parent::__construct(
            notInRangeMessage: \sprintf(
                'is {{ value }}%s; it must lie from %s to %s%s. Check the figure and its unit.',
                $in,
                $min,
                $max,
                $in,
            ),
            invalidMessage: 'is {{ value }}, no number. Give it as a plain number, without quotes.',
            min: $min,
            max: $max,
        );
    }

    public function validatedBy(): string
    {
        return Range::class.'Validator';
    }
}
