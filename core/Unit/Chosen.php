<?php

declare(strict_types=1);

namespace Ektype\Core\Unit;

/**
 * What can be chosen: its word, the unit and bounds of a number, and what decides where nobody does. It stands at the property
 * that keeps the choice, once; how it is stored, changed, described and asked for is made from it.
 */
#[\Attribute(\Attribute::TARGET_PROPERTY)]
final readonly class Chosen
{
    /** No option of a command line says it. */
    public const NO_OPTION = '-';

    /**
     * @param string     $word      as a printer says it
     * @param string     $automatic what decides where it is null; empty where it is always chosen
     * @param float|null $from      least, of a number, or of how many there are in a list
     * @param float|null $to        most
     * @param float      $times     what a page shows is so many times what is kept: 100 for a share told in per cent
     * @param string     $option    its word on the command line; empty for that of its property
     */
    public function __construct(
        public string $word,
        public string $unit = '',
        public ?float $from = null,
        public ?float $to = null,
        public string $automatic = '',
        public float $times = 1.0,
        public string $option = '',
    ) {
    }
}
