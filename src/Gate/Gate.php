<?php

declare(strict_types=1);

namespace Ektype\App\Gate;

use React\Socket\ConnectionInterface;
use React\Socket\Connector;
use React\Socket\SocketServer;

/**
 * Stands before PHP's own web server, which reads a body of any size into memory before a script may refuse it. The gate
 * looks at what a caller announces, refuses what is too large, and passes on everything else as it comes.
 */
final readonly class Gate
{
    /**
     * @param string $server    of PHP, “127.0.0.1:8081”
     * @param int    $mostBytes of a body
     */
    public function __construct(private string $server, private int $mostBytes)
    {
    }

    /** @param string $address to listen at, “127.0.0.1:8080” */
    public function open(string $address): void
    {
        $connector = new Connector(['timeout' => 5.0, 'dns' => false]);
        (new SocketServer($address))->on('connection', function (ConnectionInterface $caller) use ($connector): void {
            (new Visit($caller, $this->mostBytes))->to($connector, $this->server);
        });
    }
}
