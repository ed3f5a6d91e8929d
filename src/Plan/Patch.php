<?php

declare(strict_types=1);

namespace Ektype\App\Plan;

use Ektype\App\Request\Fault;
use Ektype\App\Request\FieldAtFault;
use Ektype\App\Request\PlainText;
use Ektype\App\Request\UnreadableRequest;
use Ektype\Core\Unit\Chosen;
use Ektype\Core\Unit\Refusal;
use Ektype\Core\Unit\Settles;

/** A merge patch of something that can be chosen (RFC 7396). */
final readonly class Patch
{
    /** @param array<array-key, mixed> $values */
    public function __construct(public array $values)
    {
    }

    /**
     * @template T of object
     *
     * @param T $plan
     *
     * @return T the plan with all of it
     *
     * @throws UnreadableRequest where any of it is not known, of another type or out of its bounds
     */
    public function on(object $plan): object
    {
        [$written, $faults] = self::merged($plan, PlainText::cleaned($this->values), '');
        if ($faults !== []) {
            throw new UnreadableRequest($faults);
        }

        return self::settled($written, $plan, '');
    }

    /**
     * A part whose choices hang on each other settles them itself.
     *
     * @template T of object
     *
     * @param array<array-key, mixed> $written
     * @param T                       $before
     * @param string                  $at      where it stands in the whole
     *
     * @return T
     */
    private static function settled(array $written, object $before, string $at): object
    {
        try {
            $plan = Codec::read($before::class, $written);
        } catch (\UnexpectedValueException $unread) {
            throw UnreadableRequest::at($at, $unread->getMessage());
        } catch (Refusal $not) {
            $field = FieldAtFault::of($not->on, $before::class);

            throw UnreadableRequest::at($field === null || $at === '' ? $field ?? $at : $at.'.'.$field, $not->getMessage());
        }

        return $plan instanceof Settles && $before instanceof $plan ? $plan->after($before) : $plan;
    }

    /**
     * @param array<array-key, mixed> $patch
     *
     * @return array{array<string, mixed>, list<Fault>}
     */
    private static function merged(object $plan, array $patch, string $within): array
    {
        $written = Codec::written($plan);
        $fields = Codec::fields($plan::class);
        $faults = [];
        foreach ($patch as $key => $value) {
            $name = (string) $key;
            $at = $within.$name;
            $property = $fields[$name] ?? null;
            // What is decided colour by colour is no one’s to lay over it whole.
            if ($property === null || (Codec::chosen($property) === null && Codec::part($property) === null)) {
                $faults[] = new Fault($at, \sprintf('“%s” is not known here, so nothing was changed. Check how it is written.', $name));
                continue;
            }
            if ($value === null) {
                $written[$name] = self::automatic($property);
                continue;
            }
            $now = $property->getValue($plan);
            $type = $property->getType();
            if (\is_object($now) && Codec::part($property) !== null && \is_array($value)) {
                [$part, $inner] = self::merged($now, $value, $at.'.');
                $faults = [...$faults, ...$inner];
                $written[$name] = $inner === [] ? Codec::written(self::settled($part, $now, $at)) : $part;
                continue;
            }
            $fault = self::fault($property, $value);
            if ($fault !== '') {
                $faults[] = new Fault($at, $fault);
                continue;
            }
            $chosen = Codec::chosen($property);
            $written[$name] = match (true) {
                \is_int($value) || \is_float($value) => $type instanceof \ReflectionNamedType && $type->getName() === 'int' ? (int) $value : $value / ($chosen->times ?? 1.0),
                // By name: what is named is changed, null takes it away.
                \is_array($value) && !array_is_list($value) => array_filter([...\is_array($written[$name]) ? $written[$name] : [], ...$value], static fn (mixed $one): bool => $one !== null),
                default => $value,
            };
        }

        return [$written, $faults];
    }

    /** What it begins with. */
    private static function automatic(\ReflectionProperty $property): mixed
    {
        if ($property->getType()?->allowsNull() === true) {
            return null;
        }
        $begun = $property->getDeclaringClass()->newInstance();

        return Codec::written($begun)[$property->getName()];
    }

    private static function fault(\ReflectionProperty $property, mixed $value): string
    {
        $chosen = Codec::chosen($property) ?? new Chosen($property->getName());
        $type = $property->getType();
        $named = $type instanceof \ReflectionNamedType ? $type->getName() : '';
        $said = \sprintf('“%s” is %s', ucfirst($chosen->word), \is_scalar($value) ? trim(json_encode($value, \JSON_UNESCAPED_UNICODE).' '.$chosen->unit) : 'not that');
        if (is_subclass_of($named, \BackedEnum::class)) {
            return \is_string($value) && $named::tryFrom($value) !== null ? '' : \sprintf('%s, which is not known here. Use one of: %s.', $said, implode(', ', array_column($named::cases(), 'value')));
        }
        if ($named === 'bool') {
            return \is_bool($value) ? '' : $said.', neither yes nor no. Say yes or no.';
        }
        if ($named === 'int' || $named === 'float') {
            return match (true) {
                !\is_int($value) && !\is_float($value) => $said.', not a number. Give it as a number.',
                $named === 'int' && (float) (int) $value !== (float) $value => $said.', no whole number. Only whole numbers count here.',
                $value < ($chosen->from ?? -\INF) || $value > ($chosen->to ?? \INF) => \sprintf('%s; it must lie from %s to %s%s. Check the figure and its unit.', $said, $chosen->from, $chosen->to, $chosen->unit === '' ? '' : ' '.$chosen->unit),
                default => '',
            };
        }
        if ($named === 'array') {
            return match (true) {
                !\is_array($value) => $said.', not a list. Give one after the other.',
                \count($value) > ($chosen->to ?? \INF) => \sprintf('“%s” are %d; up to %d are taken. Leave some out.', ucfirst($chosen->word), \count($value), (int) $chosen->to),
                default => '',
            };
        }

        return $named === 'string' && !\is_string($value) ? $said.', not text. Give it as text.' : '';
    }
}
