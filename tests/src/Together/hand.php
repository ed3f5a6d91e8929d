<?php

declare(strict_types=1);

/*
 * A second pair of hands for the tests of what happens at the same time: a process of its own that does to the shop what
 * it is told, one request a line, and answers with one line each.
 */

use Ektype\App\Kernel;
use Symfony\Component\HttpFoundation\Request;

require dirname(__DIR__, 3).'/vendor/autoload.php';

$kernel = new Kernel('prod', false);
$kernel->boot();
fwrite(\STDOUT, "ready\n");
while (($line = fgets(\STDIN)) !== false) {
    $told = json_decode($line, true, 32, \JSON_THROW_ON_ERROR);
    if (!is_array($told)) {
        continue;
    }
    $request = Request::create(
        (string) $told['path'],
        (string) $told['method'],
        [],
        [],
        [],
        ['CONTENT_TYPE' => 'application/json', 'HTTP_X_PAGE' => (string) $told['page']],
        (string) ($told['body'] ?? ''),
    );
    $response = $kernel->handle($request);
    fwrite(\STDOUT, $response->getStatusCode()."\n");
}
