<?php

declare(strict_types=1);

namespace Ektype\App\Plan;

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

    /** @return array<string, mixed> */
    public static function written(object $plan): array
    {
        $written = [];
        foreach (self::fields($plan::class) as $name => $property) {
            $written[$name] = self::serializer()->normalize($property->getValue($plan));
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
     */
    public static function read(string $class, array $written): object
    {
        if ($written === []) {
            return new $class();
        }
        try {
            $plan = self::serializer()->denormalize(array_intersect_key($written, self::fields($class)), $class, 'json');
        } catch (ExceptionInterface $unread) {
            throw new \UnexpectedValueException(\sprintf('What was chosen cannot be read: %s', $unread->getMessage()), previous: $unread);
        }

        return $plan instanceof $class ? $plan : throw new \UnexpectedValueException('What was chosen cannot be read.');
    }

    /**
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
            foreach ((new \ReflectionClass($class))->getProperties() as $property) {
                if (!$property->isStatic()) {
                    $known[$class][$property->getName()] = $property;
                }
            }
        }

        return $known[$class];
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
            new ArrayDenormalizer(),
            new PropertyNormalizer(propertyTypeExtractor: new PropertyInfoExtractor([], [new PhpStanExtractor(), new ReflectionExtractor()])),
        ]);
    }
}
