<?php

declare(strict_types=1);

namespace Ektype\Tests\App;

use PHPUnit\Framework\TestCase;

/** What is too large is refused at the gate, and PHP's server never hears of it. */
final class GateTest extends TestCase
{
    /** @var resource PHP’s server stands here: the test plays it */
    private $inside;
    /** @var resource */
    private $gate;
    private int $port;

    protected function setUp(): void
    {
        $inside = stream_socket_server('tcp://127.0.0.1:0');
        self::assertNotFalse($inside);
        $this->inside = $inside;
        $this->open(self::portOf($inside));
    }

    protected function tearDown(): void
    {
        proc_terminate($this->gate, 9);
        proc_close($this->gate);
    }

    private function open(int $server): void
    {
        $this->port = self::freePort();
        $gate = proc_open([\PHP_BINARY, \dirname(__DIR__, 2).'/bin/gate', '127.0.0.1:'.$this->port, '127.0.0.1:'.$server], [], $pipes);
        self::assertNotFalse($gate);
        $this->gate = $gate;
    }

    public function testARequestAndItsAnswerGoThroughUnchanged(): void
    {
        $body = random_bytes(300_000);
        $request = "POST /api/jobs HTTP/1.1\r\nHost: here\r\nContent-Length: 300000\r\n\r\n".$body;
        $caller = $this->called();
        fwrite($caller, substr($request, 0, 20));
        usleep(20_000);
        $answer = "HTTP/1.1 200 OK\r\nConnection: close\r\n\r\n".random_bytes(500_000);
        fwrite($caller, substr($request, 20).'beyond its length');
        $server = $this->asked();
        $heard = '';
        while (\strlen($heard) < \strlen($request) && ($more = (string) fread($server, 65_536)) !== '') {
            $heard .= $more;
        }
        self::assertSame(md5($request), md5($heard), 'and what came beyond its length did not');
        fwrite($server, $answer);
        fclose($server);
        self::assertSame(md5($answer), md5((string) stream_get_contents($caller)));
    }

    public function testALargeBodyIsRefusedBeforeItComes(): void
    {
        $caller = $this->called();
        fwrite($caller, "POST /api/jobs HTTP/1.1\r\nHost: here\r\nContent-Length: 2000000000\r\n\r\n");
        self::assertStringContainsString('larger than the 64 MB', self::problem($caller, 413)['detail']);
        // Who goes on sending is heard out, and still nobody inside is asked.
        for ($i = 0; $i < 20; ++$i) {
            self::assertSame(1_000_000, fwrite($caller, str_repeat('0', 1_000_000)));
        }
        self::assertFalse(@stream_socket_accept($this->inside, 0.2));
    }

    public function testABodyOfUnknownLengthAndAnEndlessHeadAreRefused(): void
    {
        $chunked = $this->called();
        fwrite($chunked, "POST /api/jobs HTTP/1.1\r\nHost: here\r\nTransfer-Encoding: chunked\r\n\r\n");
        self::problem($chunked, 411);
        $endless = $this->called();
        fwrite($endless, str_repeat('a', 70_000));
        self::problem($endless, 431);
        self::assertFalse(@stream_socket_accept($this->inside, 0.2));
    }

    public function testWhileTheServerStartsAgainACallerIsToldSo(): void
    {
        $this->tearDown();
        $this->open(self::freePort());
        $caller = $this->called();
        fwrite($caller, "GET /api/jobs HTTP/1.1\r\nHost: here\r\n\r\n");
        self::assertStringContainsString('starting again', self::problem($caller, 503)['detail']);
    }

    /** @return resource */
    private function called()
    {
        for ($i = 0; $i < 100; ++$i) {
            $caller = @stream_socket_client('tcp://127.0.0.1:'.$this->port, timeout: 1);
            if ($caller !== false) {
                stream_set_timeout($caller, 10);

                return $caller;
            }
            usleep(50_000);
        }
        self::fail('The gate does not open.');
    }

    /** @return resource */
    private function asked()
    {
        $server = stream_socket_accept($this->inside, 5);
        self::assertNotFalse($server);
        stream_set_timeout($server, 10);

        return $server;
    }

    /**
     * @param resource $caller
     *
     * @return array{detail: string, ...<mixed>}
     */
    private static function problem($caller, int $status): array
    {
        $head = '';
        while (!str_ends_with($head, "\r\n\r\n") && \is_string($byte = fgetc($caller))) {
            $head .= $byte;
        }
        self::assertStringStartsWith("HTTP/1.1 $status ", $head);
        self::assertStringContainsString('application/problem+json', $head);
        self::assertSame(1, preg_match('/Content-Length: (\d+)/', $head, $length));
        $problem = json_decode((string) stream_get_contents($caller, (int) $length[1]), true);
        self::assertIsArray($problem);
        self::assertSame($status, $problem['status'] ?? null);
        self::assertIsString($problem['detail'] ?? null);

        return $problem;
    }

    private static function freePort(): int
    {
        $free = stream_socket_server('tcp://127.0.0.1:0');
        self::assertNotFalse($free);
        $port = self::portOf($free);
        fclose($free);

        return $port;
    }

    /** @param resource $socket */
    private static function portOf($socket): int
    {
        return (int) substr((string) strrchr((string) stream_socket_get_name($socket, false), ':'), 1);
    }
}
