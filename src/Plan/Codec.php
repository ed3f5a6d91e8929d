<?php

declare(strict_types=1);

namespace Ektype\App\Plan;

use Ektype\Core\Colour\Srgb;
use Ektype\Core\Mix\InkProfile;
use Ektype\Core\Separation\Plan;
use Ektype\Core\Unit\Beside;
use Ektype\Core\Unit\Chosen;
use Symfony\Component\PropertyInfo\Extractor\PhpStanExtractor;
use Symfony\Component\PropertyInfo\Extractor\ReflectionExtractor;
use Symfony\Component\PropertyInfo\PropertyInfoExtractor;
use Symfony\Component\Serializer\Exception\ExceptionInterface;
use Symfony\Component\Serializer\Normalizer\ArrayDenormalizer;
use Symfony\Component\Serializer\Normalizer\BackedEnumNormalizer;
use Symfony\Component\Serializer\Normalizer\PropertyNormalizer;
use Symfony\Component\Serializer\Serializer;

/** Writes plans down and reads them again, from the properties of their classes alone. */
final class Codec
{
    private static ?Serializer $serializer = null;
    private static ?PropertyInfoExtractor $types = null;

    /** @return array<string, mixed> */
    public static function written(object $plan): array
    {
        $written = [];
        foreach (self::fields($plan::class) as $name => $property) {
            $value = $property->getValue($plan);
            if (\is_object($value) && isset(Beside::of($plan::class)[$name])) {
                $written = [...$written, ...self::written($value)];
            } else {
                $written[$name] = \is_object($value) && self::part($property) !== null ? self::written($value) : self::serializer()->normalize($value);
            }
        }

        return $written;
    }

    /**
     * What nobody wrote down is as it begins; what is not known any more is left out.
     *
     * @template T of object
     *
     * @param class-string<T>         $class
     * @param array<array-key, mixed> $written
     *
     * @return T
     *
     * @throws \UnexpectedValueException where it was not written so
     * @throws \Ektype\Core\Unit\Refusal where it cannot be so
     */
    public static function read(string $class, array $written): object
    {
        if ($written === []) {
            return new $class();
        }
        $given = self::given($class, $written);
        try {
            $plan = self::serializer()->denormalize($given, $class, 'json');
        } catch (ExceptionInterface $unread) {
            throw new \UnexpectedValueException(\sprintf('What was chosen cannot be read: %s', $unread->getMessage()), previous: $unread);
        }

        return $plan instanceof $class ? $plan : throw new \UnexpectedValueException('What was chosen cannot be read.');
    }

    /**
     * What of that a class knows, each in its part.
     *
     * @param class-string            $class
     * @param array<array-key, mixed> $written
     *
     * @return array<array-key, mixed>
     */
    private static function given(string $class, array $written): array
    {
        $given = array_intersect_key($written, self::fields($class));
        foreach ($given as $name => $value) {
            $given[$name] = \is_array($value) ? self::collected($class, $name, $value) : $value;
        }
        foreach (Beside::of($class) as $name => $part) {
            $given[$name] = self::given($part, $written);
        }

        return $given;
    }

    /**
     * @template T of object
     *
     * @param class-string<T>         $class
     * @param array<array-key, mixed> $written
     *
     * @return list<T>
     */
    public static function readAll(string $class, array $written): array
    {
        return array_map(static fn (mixed $one): object => \is_array($one) ? self::read($class, $one) : throw new \UnexpectedValueException('What was kept cannot be read.'), array_values($written));
    }

    /**
     * What a list or a map holds is of its kind: numbers, words, answers, or pairs of numbers.
     *
     * @param class-string            $class
     * @param array<array-key, mixed> $values
     *
     * @return array<array-key, mixed>
     */
    private static function collected(string $class, string $name, array $values): array
    {
        static $kinds = [];
        /** @var array<string, string> $kinds */
        $kind = $kinds[$class.$name] ??= ((self::types()->getTypes($class, $name)[0] ?? null)?->getCollectionValueTypes()[0] ?? null)?->getBuiltinType() ?? '';

        return array_map(static fn (mixed $one): mixed => match (true) {
            $kind === 'float' && \is_int($one) => (float) $one,
            $kind === 'int' && \is_float($one) && $one === floor($one) => (int) $one,
            $kind === 'array' && \is_array($one) && \count($one) === 2 && array_filter($one, static fn (mixed $n): bool => !\is_int($n) && !\is_float($n)) === [] => array_map(static fn (mixed $n): float => \is_int($n) || \is_float($n) ? (float) $n : 0.0, array_values($one)),
            \in_array($kind, ['', 'object', 'null'], true), get_debug_type($one) === $kind => $one,
            default => throw new \UnexpectedValueException(\sprintf('“%s” holds what it cannot. Check what is written there.', $name)),
        }, $values);
    }

    /** @param class-string $class */
    private static function isMap(string $class, string $name): bool
    {
        return ((self::types()->getTypes($class, $name)[0] ?? null)?->getCollectionKeyTypes()[0] ?? null)?->getBuiltinType() === 'string';
    }

    private static function types(): PropertyInfoExtractor
    {
        return self::$types ??= new PropertyInfoExtractor([], [new PhpStanExtractor(), new ReflectionExtractor()]);
    }

    /**
     * What its constructor takes, by the properties that keep it.
     *
     * @param class-string $class
     *
     * @return array<string, \ReflectionProperty>
     */
    public static function fields(string $class): array
    {
        static $known = [];
        /** @var array<class-string, array<string, \ReflectionProperty>> $known */
        if (!isset($known[$class])) {
            $known[$class] = [];
            $reflected = new \ReflectionClass($class);
            foreach ($reflected->getConstructor()?->getParameters() ?? [] as $parameter) {
                if ($reflected->hasProperty($parameter->getName())) {
                    $known[$class][$parameter->getName()] = $reflected->getProperty($parameter->getName());
                }
            }
        }

        return $known[$class];
    }

    /**
     * The class whose parts are chosen one by one; null for what is chosen as a whole.
     *
     * @return class-string|null
     */
    public static function part(\ReflectionProperty $property): ?string
    {
        $type = $property->getType();
        $class = $type instanceof \ReflectionNamedType && class_exists($type->getName()) ? $type->getName() : null;

        return $class === null || enum_exists($class) || \in_array($class, [Srgb::class, InkProfile::class], true) ? null : $class;
    }

    /**
     * As a page shows it: shares in per cent, a profile by its name.
     *
     * @return array<string, mixed>
     */
    public static function shown(object $plan): array
    {
        $shown = $plan instanceof Plan ? ['method' => $plan->method()->value] : [];
        foreach (self::fields($plan::class) as $name => $property) {
            $value = $property->getValue($plan);
            if (\is_object($value) && isset(Beside::of($plan::class)[$name])) {
                $shown = [...$shown, ...self::shown($value)];
                continue;
            }
            $shown[$name] = match (true) {
                \is_object($value) && self::part($property) !== null => self::shown($value),
                $value instanceof InkProfile => $value->name,
                \is_float($value) => round($value * (self::chosen($property)->times ?? 1.0), 9),
                $value === [] && self::isMap($plan::class, $name) => new \stdClass(),
                default => self::serializer()->normalize($value),
            };
        }

        return $shown;
    }

    /** What its declaration says of a field; null where it says nothing. */
    public static function chosen(\ReflectionProperty $property): ?Chosen
    {
        return ($property->getAttributes(Chosen::class)[0] ?? null)?->newInstance();
    }

    private static function serializer(): Serializer
    {
        return self::$serializer ??= new Serializer([
            new BackedEnumNormalizer(),
            new SrgbNormalizer(),
            new ProfileNormalizer(),
            new ArrayDenormalizer(),
            new PropertyNormalizer(propertyTypeExtractor: self::types()),
        ]);
    }
}
