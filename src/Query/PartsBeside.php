<?php

declare(strict_types=1);

namespace Ektype\App\Query;

use Ektype\Core\Unit\Beside;

/** Told of with the fields of its parts side by side. */
trait PartsBeside
{
    /** @return array<array-key, mixed> */
    public function jsonSerialize(): array
    {
        $beside = Beside::of(self::class);
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
