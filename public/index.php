<?php

declare(strict_types=1);

use Ektype\App\Kernel;
use Symfony\Component\HttpFoundation\Request;

require dirname(__DIR__).'/vendor/autoload.php';
$env = $_SERVER['APP_ENV'] ?? 'prod';
$kernel = new Kernel(is_string($env) ? $env : 'prod', ($_SERVER['APP_DEBUG'] ?? '0') === '1');
$request = Request::createFromGlobals();
$response = $kernel->handle($request);
$response->send();
$kernel->terminate($request, $response);
