<?php

declare(strict_types=1);

namespace Ektype\App\Plan;

use Ektype\Core\Separation\MethodName;
use Ektype\Core\Separation\Plan;
use Ektype\Core\Unit\Chosen;

/** All that can be chosen in a plan, from the properties of its class. */
final class PlanFields
{
    /**
     * @param class-string $plan
     *
     * @return list<PlanField> in the order in which it declares them
     */
    public static function of(string $plan): array
    {
        $fields = self::within($plan, '', true);

        return is_subclass_of($plan, Plan::class)
            ? array_values(array_filter($fields, static fn (PlanField $field): bool => MethodName::of($plan)->uses($field->path)))
            : $fields;
    }

    /**
     * @param class-string $part
     * @param bool         $said whether a command line says its fields one by one
     *
     * @return list<PlanField>
     */
    private static function within(string $part, string $within, bool $said): array
    {
        $fields = [];
        foreach (Codec::fields($part) as $name => $property) {
            [$chosen, $inner] = [Codec::chosen($property), Codec::part($property)];
            if ($chosen !== null) {
                $fields[] = self::field($within.$name, $property, $chosen, $said);
            }
            if ($inner !== null) {
                array_push($fields, ...self::within($inner, $within.$name.'.', $said && $chosen === null));
            }
        }

        return $fields;
    }

    private static function field(string $path, \ReflectionProperty $property, Chosen $chosen, bool $said): PlanField
    {
        $type = $property->getType();
        $named = $type instanceof \ReflectionNamedType ? $type->getName() : '';
        $kind = match (true) {
            is_subclass_of($named, \BackedEnum::class) => FieldKind::Choice,
            $named === 'bool' => FieldKind::Tick,
            $named === 'int' && $chosen->unit === 'ink' => FieldKind::Ink,
            $named === 'int' => FieldKind::Whole,
            $named === 'float' => FieldKind::Number,
            $named === 'array' => FieldKind::Many,
            Codec::part($property) !== null => FieldKind::Together,
            default => FieldKind::Other,
        };

        return new PlanField(
            $path,
            $chosen->word,
            $chosen->unit === 'ink' ? '' : $chosen->unit,
            $kind,
            $kind === FieldKind::Ink ? null : $chosen->from,
            $kind === FieldKind::Ink ? null : $chosen->to,
            choices: is_subclass_of($named, \BackedEnum::class) ? array_map(static fn (\BackedEnum $one): string => (string) $one->value, $named::cases()) : [],
            automatic: $chosen->automatic,
            option: !$said || $chosen->option === Chosen::NO_OPTION ? '' : ($chosen->option !== '' ? $chosen->option : strtolower((string) preg_replace('/(?<=[a-z])(?=[A-Z])/', '-', $property->getName()))),
            times: $chosen->times,
        );
    }
}
