<?php

declare(strict_types=1);

namespace Ektype\App\Query\Art;

/** The methods that there are for a job's art: each is looked at by itself. */
final readonly class MethodsBench
{
    /**
     * @param list<MethodChoice> $methods the fitting ones first
     * @param list<float>        $lights  how much of the picture has each of 64 lightnesses, dark to light
     */
    public function __construct(public array $methods, public array $lights)
    {
    }
}
