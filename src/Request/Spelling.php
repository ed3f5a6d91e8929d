<?php

declare(strict_types=1);

namespace Ektype\App\Request;

use Symfony\Component\Serializer\NameConverter\CamelCaseToSnakeCaseNameConverter;

/** How the names of values are written: pages say widthMm, files and the command line width_mm. */
enum Spelling
{
    case Camel;
    case Snake;

    public function converter(): ?CamelCaseToSnakeCaseNameConverter
    {
        return $this === self::Camel ? null : new CamelCaseToSnakeCaseNameConverter();
    }

    /** A path of properties as it was written. */
    public function path(string $path): string
    {
        return $this === self::Camel ? $path : strtolower((string) preg_replace('/(?<=[a-z0-9])(?=[A-Z])/', '_', $path));
    }
}
