<?php

declare(strict_types=1);

namespace Ektype\App\Request;

use Symfony\Component\Validator\Constraints\Regex;

/** A colour as #rrggbb. */
#[\Attribute(\Attribute::TARGET_PROPERTY | \Attribute::TARGET_PARAMETER)]
final class Hex extends Regex
{
    public function __construct()
    {
        parent::__construct(
            '/^#?[0-9a-f]{6}$/i',
            'is {{ value }}, which is no colour. Write it as # and six hexadecimal digits, such as #1d2a5b.',
        );
    }

    public function validatedBy(): string
    {
        return Regex::class.'Validator';
    }
}
