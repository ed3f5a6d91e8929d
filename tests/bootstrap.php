<?php

declare(strict_types=1);

require dirname(__DIR__).'/vendor/autoload.php';

// Each process of the tests keeps a shop of its own, so that both cores can work at once.
$token = getenv('TEST_TOKEN');
putenv('EKTYPE_DATA='.($_SERVER['EKTYPE_DATA'] = $_ENV['EKTYPE_DATA'] = dirname(__DIR__).'/var/test/'.(is_string($token) ? $token : '0')));
