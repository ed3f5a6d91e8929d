<?php

declare(strict_types=1);

namespace Ektype\App\Request;

use Psr\Clock\ClockInterface;
use Symfony\Component\Validator\Constraint;
use Symfony\Component\Validator\ConstraintValidator;

/** Whether a text is a day, and one that can be. */
final class DayValidator extends ConstraintValidator
{
    public function __construct(private readonly ClockInterface $clock)
    {
    }

    public function validate(mixed $value, Constraint $constraint): void
    {
        if (!$constraint instanceof Day || !\is_string($value) || $value === '') {
            return;
        }
        $day = \DateTimeImmutable::createFromFormat('!Y-m-d', $value);
        if ($day === false || $day->format('Y-m-d') !== $value) {
            $this->context->addViolation(
                \sprintf('is “%s”, no date. Write it as year-month-day, such as 2026-11-04.', mb_strimwidth($value, 0, 20, '…')),
            );
        } elseif ($constraint->hasBeen && $value > $this->clock->now()->format('Y-m-d')) {
            $this->context->addViolation(\sprintf('is %s, in the future: only what has been done can be written down. Check the date.', $value));
        }
    }
}
