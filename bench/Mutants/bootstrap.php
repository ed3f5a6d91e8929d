<?php

declare(strict_types=1);

/*
 * In place of tests/bootstrap.php: the class at fault is taken from where it was planted, and what was loaded is written down.
 */

require __DIR__.'/../../tests/bootstrap.php';

$planted = (string) getenv('EKTYPE_PLANTED');
if ($planted !== '') {
    [$class, $file] = explode('=', $planted, 2);
    spl_autoload_register(static function (string $name) use ($class, $file): void {
        if ($name === $class) {
            require $file;
        }
    }, true, true);
}
$loads = (string) getenv('EKTYPE_LOADS');
if ($loads !== '') {
    register_shutdown_function(static function () use ($loads): void {
        $root = dirname(__DIR__, 2).'/';
        file_put_contents($loads, implode("\n", array_map(
            static fn (string $one): string => substr($one, strlen($root)),
            array_filter(get_included_files(), static fn (string $one): bool => str_starts_with($one, $root.'core/') || str_starts_with($one, $root.'src/')),
        )));
    });
}
