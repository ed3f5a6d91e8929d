<?php

declare(strict_types=1);

namespace Ektype\App\Query\Screens;

/** The pattern of every ruling and angle with a mesh. */
final readonly class PatternMap
{
    /**
     * @param list<float>       $rulings
     * @param list<float>       $angles
     * @param list<list<float>> $scores  by ruling, then by angle
     */
    public function __construct(public array $rulings, public array $angles, public array $scores)
    {
    }
}
