<?php

declare(strict_types=1);

namespace Ektype\Tests\App\Together;

/** A process of its own that works in the shop of a test. */
final class Hand
{
    /** @var resource */
    private $process;
    /** @var array<int, resource> */
    private array $pipes;

    public function __construct(public readonly string $page, string $data)
    {
        $process = proc_open(
            [\PHP_BINARY, '-d', 'opcache.enable_cli=0', __DIR__.'/hand.php'],
            [['pipe', 'r'], ['pipe', 'w'], \STDERR],
            $pipes,
            null,
            ['EKTYPE_DATA' => $data, 'APP_ENV' => 'prod', 'PATH' => (string) getenv('PATH')],
        );
        if (!\is_resource($process)) {
            throw new \RuntimeException('No second hand could be had.');
        }
        [$this->process, $this->pipes] = [$process, $pipes];
        fgets($this->pipes[1]);
    }

    /** Begins; the answer is waited for later, so that others can begin too. */
    public function begin(string $method, string $path, mixed $body = null): void
    {
        fwrite(
            $this->pipes[0],
            json_encode(
                [
                    'page' => $this->page,
                    'method' => $method,
                    'path' => $path,
                    'body' => $body === null ? '' : json_encode($body, \JSON_THROW_ON_ERROR),
                ],
                \JSON_THROW_ON_ERROR,
            )."\n",
        );
    }

    /** The status of the next answer. */
    public function status(): int
    {
        return (int) fgets($this->pipes[1]);
    }

    public function end(): void
    {
        fclose($this->pipes[0]);
        fclose($this->pipes[1]);
        proc_close($this->process);
    }
}
