<?php

declare(strict_types=1);

namespace Ektype\App\Api\Description;

use Ektype\App\Plan\Codec;
use Ektype\App\Plan\MergePatch;
use Ektype\App\Plan\ShownPlan;
use Ektype\App\Request\Day;
use Ektype\Core\Colour\Srgb;
use Ektype\Core\Mix\InkProfile;
use Ektype\Core\Separation\MethodName;
use Ektype\Core\Unit\Beside;
use Symfony\Component\TypeInfo\Type;
use Symfony\Component\TypeInfo\Type\ArrayShapeType;
use Symfony\Component\TypeInfo\Type\BackedEnumType;
use Symfony\Component\TypeInfo\Type\BuiltinType;
use Symfony\Component\TypeInfo\Type\CollectionType;
use Symfony\Component\TypeInfo\Type\GenericType;
use Symfony\Component\TypeInfo\Type\NullableType;
use Symfony\Component\TypeInfo\Type\ObjectType;
use Symfony\Component\TypeInfo\Type\UnionType;
use Symfony\Component\TypeInfo\TypeIdentifier;
use Symfony\Component\Validator\Constraints\Length;
use Symfony\Component\Validator\Constraints\Range;
use Symfony\Component\Validator\Constraints\Regex;

/** The shapes of an API, by the short names of their classes. */
final class Schemas
{
    /** @var array<string, array<string, mixed>> */
    private array $known = [];
    /** @var array<string, string> short name => class */
    private array $classes = [];
    private DocTypes $types;

    public function __construct()
    {
        $this->types = new DocTypes();
    }

    /** @return array<string, array<string, mixed>> */
    public function all(): array
    {
        ksort($this->known);

        return $this->known;
    }

    /**
     * What a page gives: defaults need not be named.
     *
     * @param class-string $class
     *
     * @return array<string, mixed>
     */
    public function read(string $class): array
    {
        return $this->known($class, true);
    }

    /** @return array<string, mixed> what a page is told: always whole */
    public function told(Type $type): array
    {
        return $this->of($type, false);
    }

    /** @return array<string, mixed> */
    public function patches(MergePatch $of): array
    {
        return \count($of->of) === 1 ? $this->patch($of->of[0]) : ['anyOf' => array_map($this->patch(...), $of->of)];
    }

    /** @return array<string, mixed> */
    private function plans(): array
    {
        return ['oneOf' => array_map(fn (MethodName $method): array => $this->chosen($method->plan, $method->value), MethodName::cases())];
    }

    /**
     * Something that can be chosen, as a page is told of it.
     *
     * @param class-string $class
     *
     * @return array<string, mixed>
     */
    private function chosen(string $class, string $method = ''): array
    {
        $name = 'Shown'.(new \ReflectionClass($class))->getShortName();
        if (!isset($this->known[$name])) {
            $properties = $method === '' ? [] : ['method' => ['type' => 'string', 'enum' => [$method]]];
            $this->known[$name] = [];
            foreach (Codec::fields($class) as $field => $property) {
                $part = Codec::part($property);
                if ($part !== null && isset(Beside::of($class)[$field])) {
                    // What a part holds lies beside the other fields.
                    $this->chosen($part);
                    $properties = [...$properties, ...(array) ($this->known['Shown'.(new \ReflectionClass($part))->getShortName()]['properties'] ?? [])];
                    continue;
                }
                $type = $property->getType();
                $schema = match (true) {
                    $part !== null => $this->chosen($part),
                    $type instanceof \ReflectionNamedType && $type->getName() === InkProfile::class => ['type' => 'string'],
                    default => $this->of($this->types->of($property), false),
                };
                $properties[$field] = $type?->allowsNull() === true && ($part !== null || !isset($schema['type'], $schema['anyOf'])) && !\in_array('null', (array) ($schema['type'] ?? []), true) && !isset($schema['anyOf']) ? ['anyOf' => [$schema, ['type' => 'null']]] : $schema;
            }
            $this->known[$name] = ['type' => 'object', 'properties' => $properties, 'required' => array_keys($properties)];
        }

        return ['$ref' => '#/components/schemas/'.$name];
    }

    /**
     * A merge patch: any of its fields, null for automatic.
     *
     * @param class-string $class
     *
     * @return array<string, mixed>
     */
    public function patch(string $class): array
    {
        $name = (new \ReflectionClass($class))->getShortName().'Patch';
        if (!isset($this->known[$name])) {
            $this->known[$name] = [];
            $properties = [];
            foreach (Codec::fields($class) as $field => $property) {
                if (Codec::chosen($property) !== null || (Codec::part($property) !== null && !isset(Beside::of($class)[$field]))) {
                    $properties[$field] = $this->patched($property);
                }
            }
            $this->known[$name] = ['type' => 'object', 'properties' => $properties, 'additionalProperties' => false];
        }

        return ['$ref' => '#/components/schemas/'.$name];
    }

    /** @return array<string, mixed> */
    private function patched(\ReflectionProperty $property): array
    {
        $chosen = Codec::chosen($property);
        $type = $property->getType();
        $class = $type instanceof \ReflectionNamedType && class_exists($type->getName()) && !enum_exists($type->getName()) ? $type->getName() : null;
        $schema = match (true) {
            $class === Srgb::class, $class === InkProfile::class => ['type' => ['string', 'null']],
            $class !== null => ['anyOf' => [$this->patch($class), ['type' => 'null']]],
            default => $this->of($this->types->of($property), true),
        };
        if (isset($schema['type']) && \is_string($schema['type'])) {
            $schema['type'] = [$schema['type'], 'null'];
        }

        return [
            ...$schema,
            ...$chosen === null || $chosen->from === null || ($schema['type'] ?? '') === ['array', 'null'] ? [] : ['minimum' => $chosen->from, 'maximum' => $chosen->to],
            ...$chosen === null ? [] : ['description' => trim($chosen->word.($chosen->unit === '' ? '' : ', '.$chosen->unit).($chosen->automatic === '' ? '' : '; null: '.$chosen->automatic))],
        ];
    }

    /**
     * @param class-string $class
     *
     * @return list<array<string, mixed>>
     */
    public function asQuery(string $class): array
    {
        $parameters = [];
        foreach (self::fields($class) as $property) {
            $parameters[] = [
                'name' => $property->getName(),
                'in' => 'query',
                'required' => !self::mayBeLeftOut($property),
                'schema' => $this->field($property, true),
            ];
        }

        return $parameters;
    }

    /**
     * @param class-string $class
     *
     * @return array<string, mixed>
     */
    public function asForm(string $class, string $file): array
    {
        $schema = $this->shape($class, true);
        $properties = \is_array($schema['properties']) ? $schema['properties'] : [];
        $required = \is_array($schema['required'] ?? null) ? $schema['required'] : [];

        return [
            ...$schema,
            'properties' => [$file => ['type' => 'string', 'format' => 'binary'], ...$properties],
            'required' => [$file, ...$required],
        ];
    }

    /**
     * @param class-string $class
     *
     * @return array<string, mixed>
     */
    private function known(string $class, bool $read): array
    {
        $name = (new \ReflectionClass($class))->getShortName();
        if (isset($this->classes[$name]) && $this->classes[$name] !== $class) {
            throw new \LogicException(
                \sprintf('%s and %s would be one shape in the API. Give one another name.', $this->classes[$name], $class),
            );
        }
        if (!isset($this->classes[$name])) {
            $this->classes[$name] = $class;
            $this->known[$name] = [];
            $this->known[$name] = $class === MethodName::class ? ['type' => 'string', 'enum' => array_column(MethodName::cases(), 'value')] : (enum_exists($class) ? [
                'type' => 'string',
                'enum' => array_map(
                    static fn (\UnitEnum $case): string => $case instanceof \BackedEnum ? (string) $case->value : $case->name,
                    $class::cases(),
                ),
            ] : $this->shape($class, $read));
        }

        return ['$ref' => '#/components/schemas/'.$name];
    }

    /**
     * @param class-string $class
     *
     * @return array<string, mixed>
     */
    private function shape(string $class, bool $read): array
    {
        $properties = [];
        $required = [];
        foreach (self::fields($class) as $property) {
            $part = Beside::of($class)[$property->getName()] ?? null;
            if ($part !== null) {
                // What a part holds lies beside the other fields.
                ['properties' => $inner, 'required' => $always] = $this->shape($part, $read) + ['required' => []];
                $properties = [...$properties, ...(array) $inner];
                $required = [...$required, ...(array) $always];
                continue;
            }
            $properties[$property->getName()] = $this->field($property, $read);
            if (!$read || !self::mayBeLeftOut($property)) {
                $required[] = $property->getName();
            }
        }

        return [
            'type' => 'object',
            'properties' => $properties === [] ? new \stdClass() : $properties,
            ...($required === [] ? [] : ['required' => $required]),
            ...($read ? ['additionalProperties' => false] : []),
        ];
    }

    /** @return array<string, mixed> */
    private function field(\ReflectionProperty $property, bool $read): array
    {
        $patch = $property->getAttributes(MergePatch::class)[0] ?? null;
        if ($patch !== null) {
            return $this->patches($patch->newInstance());
        }
        $schema = $this->of($this->types->of($property), $read);
        foreach ($read ? $property->getAttributes() : [] as $attribute) {
            $constraint = $attribute->newInstance();
            $schema = [...$schema, ...match (true) {
                $constraint instanceof Range => ['minimum' => $constraint->min, 'maximum' => $constraint->max],
                $constraint instanceof Length => [
                    'maxLength' => $constraint->max,
                    ...($constraint->min === null ? [] : ['minLength' => $constraint->min]),
                ],
                $constraint instanceof Regex => ['pattern' => trim(rtrim((string) $constraint->pattern, 'i'), '/')],
                $constraint instanceof Day => ['format' => 'date'],
                default => [],
            }];
        }
        $says = $this->said($property);

        return $says === '' ? $schema : [...$schema, 'description' => $says];
    }

    /** What the docblock says of it. */
    private function said(\ReflectionProperty $property): string
    {
        $doc = (string) $property->getDeclaringClass()->getConstructor()?->getDocComment();

        return preg_match('/@param\s+.*\$'.$property->getName().'[ ]+([^\n*]+)/', $doc, $found) === 1 ? trim($found[1]) : '';
    }

    /** @return array<string, mixed> */
    private function of(Type $type, bool $read): array
    {
        if ($type instanceof NullableType) {
            $inner = $this->of($type->getWrappedType(), $read);

            return isset($inner['type']) && \is_string($inner['type']) && !isset($inner['enum']) ? [
                ...$inner,
                'type' => [$inner['type'], 'null'],
            ] : ['anyOf' => [$inner, ['type' => 'null']]];
        }
        if ($type instanceof ArrayShapeType && array_is_list($type->getShape())) {
            // A pair, or so many of a kind.
            return ['type' => 'array', 'items' => $this->of($type->getCollectionValueType(), $read), 'minItems' => \count($type->getShape()), 'maxItems' => \count($type->getShape())];
        }
        if ($type instanceof CollectionType) {
            $value = $this->of($type->getCollectionValueType(), $read);

            return $type->isList() ? ['type' => 'array', 'items' => $value] : ['type' => 'object', 'additionalProperties' => $value];
        }
        if ($type instanceof UnionType) {
            return ['anyOf' => array_map(fn (Type $one): array => $this->of($one, $read), $type->getTypes())];
        }
        if ($type instanceof BackedEnumType || $type instanceof ObjectType) {
            $class = $type->getClassName();
            if ($class === ShownPlan::class) {
                return $this->plans();
            }
            if ($class === Srgb::class) {
                return ['type' => 'string'];
            }

            return class_exists($class) ? $this->known($class, $read) : throw new \LogicException('There is no class '.$class);
        }
        if ($type instanceof GenericType) {
            return $this->of($type->getWrappedType(), $read);
        }

        return $type instanceof BuiltinType ? self::plain(
            $type->getTypeIdentifier(),
        ) : throw new \LogicException('This type cannot be described: '.$type);
    }

    /** @return array<string, mixed> */
    private static function plain(TypeIdentifier $type): array
    {
        return match ($type) {
            TypeIdentifier::INT => ['type' => 'integer'],
            TypeIdentifier::FLOAT => ['type' => 'number'],
            TypeIdentifier::STRING => ['type' => 'string'],
            TypeIdentifier::BOOL, TypeIdentifier::TRUE, TypeIdentifier::FALSE => ['type' => 'boolean'],
            TypeIdentifier::NULL => ['type' => 'null'],
            default => throw new \LogicException('A list says what it holds, and nothing may be anything: '.$type->value),
        };
    }

    /**
     * @param class-string $class
     *
     * @return list<\ReflectionProperty>
     */
    private static function fields(string $class): array
    {
        return array_values(
            array_filter(
                (new \ReflectionClass($class))->getProperties(\ReflectionProperty::IS_PUBLIC),
                static fn (\ReflectionProperty $p): bool => !$p->isStatic(),
            ),
        );
    }

    private static function mayBeLeftOut(\ReflectionProperty $property): bool
    {
        foreach ($property->getDeclaringClass()->getConstructor()?->getParameters() ?? [] as $parameter) {
            if ($parameter->getName() === $property->getName()) {
                return $parameter->isDefaultValueAvailable();
            }
        }

        return false;
    }
}
