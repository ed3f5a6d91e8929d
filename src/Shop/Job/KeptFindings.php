<?php

declare(strict_types=1);

namespace Ektype\App\Shop\Job;

use Ektype\App\Plan\Codec;
use Ektype\Core\Separation\Findings;

/** What a separation found, as the shop stores it. */
final class KeptFindings
{
    /** @param array<array-key, mixed> $stored */
    public static function read(array $stored): Findings
    {
        return Codec::read(Findings::class, self::raised($stored));
    }

    /** @return array<string, mixed> */
    public static function written(Findings $findings): array
    {
        return [...Codec::written($findings), 'thinBase' => KeptPlaces::written($findings->thinBase)];
    }

    /**
     * Names were written with underscores before, and places are kept short.
     *
     * @param array<array-key, mixed> $stored
     *
     * @return array<array-key, mixed>
     */
    private static function raised(array $stored): array
    {
        $raised = [];
        foreach ($stored as $name => $value) {
            $name = \is_string($name) ? lcfirst(str_replace('_', '', ucwords($name, '_'))) : $name;
            $raised[$name] = match (true) {
                $name === 'thinBase' && \is_array($value) => array_map(Codec::written(...), KeptPlaces::read($value)),
                \is_array($value) => self::raised($value),
                default => $value,
            };
        }

        return $raised;
    }
}
