<?php

declare(strict_types=1);

namespace Ektype\App\Gate;

use React\EventLoop\Loop;
use React\Socket\ConnectionInterface;
use React\Socket\ConnectorInterface;

/** One caller with one request: heard to the end of its head, then refused or passed on. */
final class Visit
{
    /** A longer head is no page's, bytes. */
    private const MOST_HEAD = 65_536;
    /** So long a refused caller may go on sending, s: one that is cut off at once never reads why. */
    private const PATIENCE_S = 20.0;

    private string $heard = '';
    private int $discarded = 0;

    public function __construct(private readonly ConnectionInterface $caller, private readonly int $mostBytes)
    {
    }

    public function to(ConnectorInterface $connector, string $server): void
    {
        $this->caller->on('data', function (string $bytes) use ($connector, $server): void {
            $this->heard .= $bytes;
            $end = strpos($this->heard, "\r\n\r\n");
            if ($end === false) {
                if (\strlen($this->heard) > self::MOST_HEAD) {
                    $this->refuse(Answer::headTooLong(), 0);
                }

                return;
            }
            $head = substr($this->heard, 0, $end + 2);
            $length = preg_match('/\r\ncontent-length:\s*([0-9]{1,18})\s*\r\n/i', $head, $found) === 1 ? (int) $found[1] : 0;
            if (preg_match('/\r\ntransfer-encoding:/i', $head) === 1) {
                $this->refuse(Answer::lengthUnknown(), \PHP_INT_MAX);
            } elseif ($length > $this->mostBytes) {
                $this->refuse(Answer::tooLarge(), $length - (\strlen($this->heard) - $end - 4));
            } else {
                $this->passOn($connector, $server, $end + 4 + $length);
            }
        });
    }

    /** @param int $whole bytes of the request with its body: what comes beyond is not passed on */
    private function passOn(ConnectorInterface $connector, string $server, int $whole): void
    {
        $this->caller->removeAllListeners('data');
        $this->caller->pause();
        $connector->connect($server)->then(function (ConnectionInterface $inside) use ($whole): void {
            $left = $whole;
            $pass = function (string $bytes) use ($inside, &$left): void {
                $bytes = substr($bytes, 0, $left);
                $left -= \strlen($bytes);
                if ($bytes !== '' && !$inside->write($bytes)) {
                    $this->caller->pause();
                    $inside->once('drain', $this->caller->resume(...));
                }
            };
            $this->caller->on('data', $pass);
            $this->caller->on('close', $inside->close(...));
            $inside->pipe($this->caller);
            $inside->on('error', $this->caller->close(...));
            $pass($this->heard);
            $this->heard = '';
            $this->caller->resume();
        }, function (): void {
            $this->refuse(Answer::notThere(), 0);
            $this->caller->resume();
        });
    }

    /** @param int $coming bytes that the caller has still to send */
    private function refuse(string $answer, int $coming): void
    {
        $this->caller->removeAllListeners('data');
        $this->heard = '';
        $this->caller->write($answer);
        if ($coming <= 0) {
            $this->caller->end();

            return;
        }
        $patience = Loop::addTimer(self::PATIENCE_S, $this->caller->close(...));
        $this->caller->on('close', static fn () => Loop::cancelTimer($patience));
        $this->caller->on('data', function (string $bytes) use ($coming): void {
            $this->discarded += \strlen($bytes);
            if ($this->discarded >= $coming) {
                $this->caller->end();
            }
        });
    }
}
