<?php

declare(strict_types=1);

use Ektype\App\Api\Guard\BuiltFile;
use Ektype\App\Kernel;
use Symfony\Component\HttpFoundation\Request;

$path = parse_url($_SERVER['REQUEST_URI'] ?? '/', \PHP_URL_PATH);
require dirname(__DIR__).'/vendor/autoload.php';
if (\PHP_SAPI === 'cli-server' && is_string($path) && BuiltFile::sent(__DIR__, $path)) {
    return;
}
$env = $_SERVER['APP_ENV'] ?? 'prod';
$kernel = new Kernel(is_string($env) ? $env : 'prod', ($_SERVER['APP_DEBUG'] ?? '0') === '1');
$request = Request::createFromGlobals();
$response = $kernel->handle($request);
$response->send();
$kernel->terminate($request, $response);
