<?php

declare(strict_types=1);

require dirname(__DIR__).'/vendor/autoload.php';

// Each process of the tests keeps a shop of its own, so that both cores can work at once; in memory where the system has
// a folder there, since a slow disk would be waited for and is not what is tried.
$token = getenv('TEST_TOKEN');
$shops = is_writable('/dev/shm') ? '/dev/shm/ektype-tests-'.hash('crc32b', __DIR__) : dirname(__DIR__).'/var/test';
putenv('EKTYPE_DATA='.($_SERVER['EKTYPE_DATA'] = $_ENV['EKTYPE_DATA'] = $shops.'/'.(is_string($token) ? $token : '0')));
