<?php

declare(strict_types=1);

namespace Ektype\App\Api\Asking;

/** An argument that is read from the fields of a form, beside which a file comes. */
#[\Attribute(\Attribute::TARGET_PARAMETER)]
final class Form
{
    /** @param string $file name of the file */
    public function __construct(public readonly string $file)
    {
    }
}
