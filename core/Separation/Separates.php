<?php

declare(strict_types=1);

namespace Ektype\Core\Separation;

/** Says of a plan which method it belongs to, and how that lays its plates. It stands at the class of the plan, once. */
#[\Attribute(\Attribute::TARGET_CLASS)]
final readonly class Separates
{
    /**
     * @param string       $name    by which it is stored and addressed: lower case, blanks and hyphens
     * @param int          $place   among the methods
     * @param string       $title   as a printer says it
     * @param list<string> $without what its plan has of shared parts and does not use
     * @param bool         $tonal   whether it is for pictures in tones
     * @param bool         $dots    whether halftone dots carry its tones
     * @param PlatesLaid   $laid    how its plates make up a colour
     * @param bool         $onLight whether it wants paper or light cloth under it
     * @param bool         $ordered whether its plates know their order themselves; else lightness decides
     * @param bool         $dries   whether each plate dries before the next
     */
    public function __construct(
        public string $name,
        public int $place,
        public string $title,
        public array $without = [],
        public bool $tonal = true,
        public bool $dots = true,
        public PlatesLaid $laid = PlatesLaid::Over,
        public bool $onLight = false,
        public bool $ordered = false,
        public bool $dries = false,
    ) {
    }
}
