<?php

declare(strict_types=1);

namespace Ektype\App\Console;

use Ektype\App\Plan\FieldKind;
use Ektype\App\Plan\Patch;
use Ektype\App\Plan\PlanField;
use Ektype\App\Plan\PlanFields;
use Ektype\App\Request\Fault;
use Ektype\App\Request\UnreadableRequest;
use Ektype\Core\Separation\MethodName;
use Ektype\Core\Separation\Plan;
use Symfony\Component\Console\Command\Command;
use Symfony\Component\Console\Input\InputInterface;
use Symfony\Component\Console\Input\InputOption;

/** The options of a command that every plan declares for itself. */
final class PlanOptions
{
    public static function add(Command $command): void
    {
        foreach (self::declared() as $option => $fields) {
            $command->addOption($option, null, $fields[0][1]->kind === FieldKind::Tick ? InputOption::VALUE_NONE : InputOption::VALUE_REQUIRED, self::describe($fields));
        }
    }

    /**
     * @return Plan with what was given of it
     *
     * @throws UnreadableRequest at the option where it was given, where it cannot be or belongs to another method
     */
    public static function plan(MethodName $method, InputInterface $input): Plan
    {
        $patch = $options = [];
        foreach (self::declared() as $option => $fields) {
            $given = $input->getOption($option);
            if ($given === null || $given === false) {
                continue;
            }
            $field = array_values(array_filter($fields, static fn (array $f): bool => $f[0] === $method))[0][1] ?? throw UnreadableRequest::at($option, \sprintf(
                'This belongs to --method=%s. Leave it out, or take that method.',
                implode(' or ', array_map(static fn (array $f): string => strtr($f[0]->value, ' ', '-'), $fields)),
            ));
            if ($field->kind === FieldKind::Other) {
                continue;
            }
            $options[$field->path] = $option;
            $patch = array_replace_recursive($patch, self::laid($field->path, self::value($field, $given, $method)));
        }
        try {
            return (new Patch($patch))->on(new $method->plan());
        } catch (UnreadableRequest $unread) {
            throw new UnreadableRequest(array_map(static fn (Fault $f): Fault => new Fault($options[$f->field] ?? $f->field, $f->sentence), $unread->faults));
        }
    }

    /** The option that a field of a plan is given in, by the last part of its path; as it is where there is none. */
    public static function named(string $field): string
    {
        foreach (self::declared() as $option => $fields) {
            foreach ($fields as [, $of]) {
                if ($of->path === $field || str_ends_with($of->path, '.'.$field)) {
                    return $option;
                }
            }
        }

        return $field;
    }

    /** @return array<string, non-empty-list<array{MethodName, PlanField}>> by the word of the option */
    private static function declared(): array
    {
        $declared = [];
        foreach (MethodName::cases() as $method) {
            foreach (PlanFields::of($method->plan) as $field) {
                if ($field->option !== '') {
                    $declared[$field->option][] = [$method, $field];
                }
            }
        }

        return $declared;
    }

    /** @param non-empty-list<array{MethodName, PlanField}> $fields */
    private static function describe(array $fields): string
    {
        $methods = array_map(static fn (array $f): string => strtr($f[0]->value, ' ', '-'), $fields);
        $field = $fields[0][1];
        [$from, $to] = [$field->from === null ? null : $field->from / $field->times, $field->to === null ? null : $field->to / $field->times];

        return implode('; ', array_filter([
            ucfirst($field->word),
            $field->times === 1.0 ? $field->unit : '',
            $field->kind === FieldKind::Ink ? 'by its place in the palette' : '',
            $field->choices === [] ? '' : implode(', ', array_map(static fn (string $one): string => str_contains($one, ' ') ? '“'.$one.'”' : $one, $field->choices)),
            $from === null || $to === null || $field->kind === FieldKind::Many ? '' : \sprintf('%g to %g', $from, $to),
            $field->automatic === '' ? '' : 'without it, '.$field->automatic,
            \count($methods) === \count(MethodName::cases()) ? '' : 'with '.implode(', ', $methods),
        ], static fn (string $part): bool => $part !== ''));
    }

    private static function value(PlanField $field, mixed $given, MethodName $method): mixed
    {
        $text = \is_string($given) ? trim($given) : '';
        $number = static fn (string $one): int|float|string => is_numeric($one) ? $one + 0 : $one;

        return match ($field->kind) {
            FieldKind::Tick => true,
            FieldKind::Number => is_numeric($text) ? $text * $field->times : $text,
            FieldKind::Whole, FieldKind::Ink => $number($text),
            FieldKind::Many => array_map(static fn (string $one): int|float|string => $number(trim($one)), explode(',', $text)),
            FieldKind::Together => self::together($field, array_map(static fn (string $one): int|float|string => $number(trim($one)), explode(',', $text)), $text, $method),
            default => $text,
        };
    }

    /**
     * @param list<int|float|string> $numbers
     *
     * @return array<string, int|float|string>
     */
    private static function together(PlanField $field, array $numbers, string $text, MethodName $method): array
    {
        $parts = array_values(array_filter(PlanFields::of($method->plan), static fn (PlanField $one): bool => str_starts_with($one->path, $field->path.'.')));
        if (\count($parts) !== \count($numbers) || array_filter($numbers, is_string(...)) !== []) {
            throw UnreadableRequest::at($field->option, \sprintf('“%s” is not %s. Give %d numbers with a comma between them%s.', $text, $field->word, \count($parts), $field->unit === '' ? '' : ', in '.$field->unit));
        }

        return array_combine(array_map(static fn (PlanField $one): string => substr($one->path, \strlen($field->path) + 1), $parts), $numbers);
    }

    /** @return array<string, mixed> */
    private static function laid(string $path, mixed $value): array
    {
        foreach (array_reverse(explode('.', $path)) as $step) {
            $value = [$step => $value];
        }

        /** @var array<string, mixed> $value */
        return $value;
    }
}
