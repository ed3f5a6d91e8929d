<?php

declare(strict_types=1);

namespace Ektype\Core\Print;

/** Decides between the hand and the law, one thing after the other, and keeps why. */
final class Told
{
    public const TRADE = 'trade default';

    /** @var list<Why> */
    private array $why = [];

    /**
     * @template T of \BackedEnum|float|bool|int
     *
     * @param T|null $byHand
     * @param T      $usual
     *
     * @return T
     */
    public function of(string $what, \BackedEnum|float|bool|int|null $byHand, \BackedEnum|float|bool|int $usual, string $reason, string $unit = '', string $source = self::TRADE): \BackedEnum|float|bool|int
    {
        // A hand that wants what comes anyway changes nothing.
        $other = $byHand !== null && $byHand !== $usual;
        $this->why[] = new Why($what, $other ? 'set by hand' : $reason, $other ? 'the hand' : $source, $other, self::words($usual, $unit));

        return $byHand ?? $usual;
    }

    /**
     * The same, where the hand’s last choice with this ink on this mesh is the usual one.
     *
     * @template T of \BackedEnum|float|bool|int
     *
     * @param T|null $byHand
     * @param T|null $before
     * @param T      $usual
     *
     * @return T
     */
    public function remembering(string $what, \BackedEnum|float|bool|int|null $byHand, \BackedEnum|float|bool|int|null $before, \BackedEnum|float|bool|int $usual, string $reason, string $unit = ''): \BackedEnum|float|bool|int
    {
        return $before === null || $before === $usual
            ? $this->of($what, $byHand, $usual, $reason, $unit)
            : $this->of($what, $byHand, $before, \sprintf('as you printed this ink on this mesh last; else %s', self::words($usual, $unit)), $unit, 'the last job with this ink and mesh');
    }

    /** @return list<Why> */
    public function why(): array
    {
        return $this->why;
    }

    private static function words(\BackedEnum|float|bool|int $value, string $unit): string
    {
        return match (true) {
            $value instanceof \BackedEnum => (string) $value->value,
            \is_bool($value) => $value ? 'yes' : 'no',
            \is_int($value) => trim($value.' '.$unit),
            default => rtrim(rtrim(number_format($value, 2, '.', ','), '0'), '.').($unit === '' || $unit === '°' ? $unit : ' '.$unit),
        };
    }
}
