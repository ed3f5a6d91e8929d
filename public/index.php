<?php

declare(strict_types=1);

use Ektype\App\Kernel;
use Symfony\Component\HttpFoundation\Request;

$path = parse_url($_SERVER['REQUEST_URI'] ?? '/', \PHP_URL_PATH);
if (\PHP_SAPI === 'cli-server' && is_string($path) && $path !== '/' && !str_contains($path, '..') && is_file(__DIR__.$path)) {
    // PHP's own server sends files without a lifetime; the built files carry their hash in their name.
    return false;
}

require dirname(__DIR__).'/vendor/autoload.php';
$env = $_SERVER['APP_ENV'] ?? 'prod';
$kernel = new Kernel(is_string($env) ? $env : 'prod', ($_SERVER['APP_DEBUG'] ?? '0') === '1');
$request = Request::createFromGlobals();
$response = $kernel->handle($request);
$response->send();
$kernel->terminate($request, $response);
