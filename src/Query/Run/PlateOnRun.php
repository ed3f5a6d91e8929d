<?php

declare(strict_types=1);

namespace Ektype\App\Query\Run;

/** A plate on the work order: its head, how it lies, and its ink. */
final readonly class PlateOnRun
{
    /**
     * @param string     $register   how it lies against the key, in words
     * @param bool       $inRegister false also where nobody read it
     * @param string     $strokes    how it is laid
     * @param float      $grams      ink for the whole run
     * @param float|null $dwellS     under the flash; null where it is not flashed
     * @param string     $squeegee   its hardness
     * @param string     $hand       how the squeegee goes, in a line
     * @param int|null   $head       on which it sits; null where none is left
     * @param float      $coolS      after the flash, until the next screen may come down
     * @param string     $pressure   of the squeegee
     */
    public function __construct(public int $id, public string $register, public bool $inRegister, public string $strokes, public float $grams, public ?float $dwellS, public string $squeegee, public string $hand, public ?int $head, public float $coolS, public string $pressure)
    {
    }
}
