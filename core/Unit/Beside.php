<?php

declare(strict_types=1);

namespace Ektype\Core\Unit;

/** What a part holds lies beside the other fields of the whole, in what is asked and in what is answered. */
#[\Attribute(\Attribute::TARGET_PROPERTY | \Attribute::TARGET_PARAMETER)]
final class Beside
{
    /**
     * @param class-string $whole
     *
     * @return array<string, class-string> the parts of it whose fields lie beside its own, by name
     */
    public static function of(string $whole): array
    {
        /** @var array<class-string, array<string, class-string>> $known */
        static $known = [];
        if (!isset($known[$whole])) {
            $known[$whole] = [];
            foreach ((new \ReflectionClass($whole))->getProperties() as $property) {
                $type = $property->getType();
                if ($property->getAttributes(self::class) !== [] && $type instanceof \ReflectionNamedType && class_exists($type->getName())) {
                    $known[$whole][$property->getName()] = $type->getName();
                }
            }
        }

        return $known[$whole];
    }
}
