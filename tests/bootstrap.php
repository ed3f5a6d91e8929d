<?php

declare(strict_types=1);

require dirname(__DIR__).'/vendor/autoload.php';

// The application's tests keep a shop of their own, emptied before each test.
putenv('EKTYPE_DATA='.($_SERVER['EKTYPE_DATA'] = $_ENV['EKTYPE_DATA'] = dirname(__DIR__).'/var/test'));
