<?php

declare(strict_types=1);

namespace Ektype\Core\Exposure;

/** What was read of a filter film: the seconds of its one burn, and the shares of light of its fields. */
final readonly class FieldsRead
{
    /**
     * @param float|null $low  share of the light that the field passes that was still under
     * @param float|null $best the same of the best field
     * @param float|null $high the same of the field that was already over
     */
    public function __construct(public float $burnedS, public ?float $low, public ?float $best, public ?float $high)
    {
    }
}
