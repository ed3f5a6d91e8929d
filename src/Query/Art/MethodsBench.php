<?php

declare(strict_types=1);

namespace Ektype\App\Query\Art;

/** The methods that there are for a job's art. */
final readonly class MethodsBench
{
    /**
     * @param list<MethodOffer> $offers the fitting ones first
     * @param list<float>       $lights how much of the picture has each of 64 lightnesses, dark to light
     */
    public function __construct(public array $offers, public array $lights)
    {
    }
}
