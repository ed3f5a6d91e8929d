<?php

declare(strict_types=1);

// Symfony 7.4 calls this one function of PHP 8.5; its polyfill package is missing from the package source.
if (!function_exists('get_error_handler')) {
    function get_error_handler(): ?callable
    {
        $handler = set_error_handler(static fn (): bool => false);
        restore_error_handler();

        return $handler;
    }
}
