<?php

declare(strict_types=1);

namespace Ektype\Core\Choice;

/** Schools of how fine a ruling a mesh carries: threads per inch divided by this is the finest, lines per inch. */
final readonly class RulingSchool
{
    public const USUAL = 5.0;
    public const DIVISORS = [4.0, self::USUAL, 5.5, 6.0];

    private function __construct(public float $divisor, public string $words)
    {
    }

    /** @return list<self> */
    public static function all(): array
    {
        return [
            new self(4.0, 'mesh by 4, risky'),
            new self(self::USUAL, 'mesh by 5, usual'),
            new self(5.5, 'mesh by 5.5, cautious'),
            new self(6.0, 'mesh by 6, very cautious'),
        ];
    }
}
