<?php

declare(strict_types=1);

namespace Ektype\App\Query;

/** Told of with the fields of its parts side by side. */
trait PartsBeside
{
    /** @return array<array-key, mixed> */
    public function jsonSerialize(): array
    {
        static $beside = null;
        /** @var array<string, true>|null $beside */
        if ($beside === null) {
            $parts = array_filter((new \ReflectionClass($this))->getProperties(), static fn (\ReflectionProperty $p): bool => $p->getAttributes(Beside::class) !== []);
            $beside = array_fill_keys(array_map(static fn (\ReflectionProperty $p): string => $p->getName(), $parts), true);
        }
        $told = [];
        foreach (get_object_vars($this) as $name => $value) {
            if (isset($beside[$name]) && \is_object($value)) {
                foreach (get_object_vars($value) as $inner => $one) {
                    $told[$inner] = $one;
                }
            } else {
                $told[$name] = $value;
            }
        }

        return $told;
    }
}
