<?php

declare(strict_types=1);

namespace Ektype\App\Plan;

/** Something that can be chosen in a plan, as its declaration says it: a page draws a field of it, a command takes an option. */
final readonly class PlanField
{
    /**
     * @param string       $path      where it stands in the plan, with points between its parts
     * @param string       $word      as a printer says it
     * @param string       $unit      of what is shown
     * @param float|null   $from      least that is taken, in that unit
     * @param float|null   $to        most
     * @param list<string> $choices   words that it can be
     * @param string       $automatic what decides where it is left open; empty where it is always chosen
     * @param string       $option    its word on the command line; empty for what cannot be said there
     * @param float        $times     what is shown is so many times what is kept
     */
    public function __construct(
        public string $path,
        public string $word,
        public string $unit,
        public FieldKind $kind,
        public ?float $from,
        public ?float $to,
        public array $choices,
        public string $automatic,
        public string $option,
        public float $times,
    ) {
    }
}
