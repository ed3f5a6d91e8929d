<?php

declare(strict_types=1);

namespace Ektype\Tests\App;

use Ektype\App\Api\Description\Describer;
use Random\Engine\Mt19937;
use Random\Randomizer;

/**
 * Whatever is sent to any address of the API is answered: done, or refused in a sentence. Never a broken-off program, never
 * a page of HTML, never a path of this machine. EKTYPE_FUZZ=10000 asks so many times, EKTYPE_SEED another row of requests.
 */
final class FuzzTest extends ShopTestCase
{
    private const USUAL = 1000;

    private Randomizer $random;

    public function testNoAnswerIsAFaultOfTheProgram(): void
    {
        $this->twoDotsOnFrames();
        $this->random = new Randomizer(new Mt19937(self::told('EKTYPE_SEED', 17)));
        $describer = self::getContainer()->get(Describer::class);
        self::assertInstanceOf(Describer::class, $describer);
        $api = json_decode(json_encode($describer->describe(), \JSON_THROW_ON_ERROR), true, 64, \JSON_THROW_ON_ERROR);
        $operations = [];
        foreach ($api['paths'] as $path => $verbs) {
            foreach ($verbs as $verb => $operation) {
                $operations[] = [(string) $path, strtoupper((string) $verb), $operation];
            }
        }
        $statuses = [];
        $count = self::told('EKTYPE_FUZZ', self::USUAL);
        for ($i = 0; $i < $count; ++$i) {
            [$path, $verb, $operation] = $operations[$this->random->getInt(0, \count($operations) - 1)];
            $uri = $this->uri($path, $operation['parameters'] ?? []);
            $verb = $this->chance(4) ? $this->pick(['GET', 'POST', 'PUT', 'PATCH', 'DELETE', 'HEAD', 'OPTIONS', 'TRACE', 'BREW', 'PROPFIND', 'get', 'QUERY', 'PURGE', 'M-SEARCH']) : $verb;
            $body = $this->body($operation['requestBody']['content'] ?? [], $api['components']['schemas']);
            $this->browser->request($verb, $uri, [], [], ['CONTENT_TYPE' => 'application/json'], $body);
            $response = $this->browser->getResponse();
            $told = \sprintf('%d: %s %s with %s', $i, $verb, $uri, mb_strimwidth((string) $body, 0, 400));
            $status = $response->getStatusCode();
            $content = (string) $response->getContent();
            self::assertLessThan(500, $status, $told."\n".$content);
            self::assertStringNotContainsString('/work/', $content, $told);
            self::assertStringNotContainsString(self::data(), $content, $told);
            self::assertStringNotContainsString('<html', $content, $told);
            if ($status >= 400 && $verb !== 'HEAD') {
                self::assertSame('application/problem+json', $response->headers->get('Content-Type'), $told);
                $problem = json_decode($content, true);
                self::assertNotSame('', $problem['detail'] ?? '', $told);
                self::assertSame($status, $problem['status'], $told);
            }
            $statuses[$status] = ($statuses[$status] ?? 0) + 1;
        }
        self::assertGreaterThan(0.02 * $count, $statuses[200] ?? 0, 'some requests are good: '.json_encode($statuses));
        self::assertGreaterThan(0.1 * $count, $statuses[422] ?? 0, (string) json_encode($statuses));
        // After all of it the shop stands.
        foreach (['/api/jobs', '/api/shop', '/api/darkroom'] as $path) {
            $this->ask('GET', $path);
        }
    }

    /** @param list<array<mixed>> $parameters */
    private function uri(string $path, array $parameters): string
    {
        $path = (string) preg_replace_callback('/\{\w+\}/', fn (): string => $this->chance(20) ? rawurlencode($this->text()) : (string) $this->pick(
            [1, 1, 1, 1, 1, 1, 1, 1, 1, 1, 1, 1, 1, 1, 2, 2, 3, 3, 0, -1, 99, '9223372036854775807', '9223372036854775808', '00001', '1.5', 'inks', 'frames', 'lamps', 'emulsions'],
        ), $path);
        $query = [];
        foreach ($parameters as $one) {
            if ($one['in'] === 'query' && !$this->chance(3)) {
                $query[] = rawurlencode((string) $one['name']).'='.rawurlencode((string) $this->pick(
                    [1, 10, 25.4, -1, 0, '', 'x', '1e400', 'NaN', '9223372036854775808', $this->text(), 'true'],
                ));
            }
        }
        if ($this->chance(10)) {
            $query[] = 'surprise[]='.rawurlencode($this->text());
        }

        // Bytes that no browser would leave as they are, in the middle of the path.
        if ($this->chance(12)) {
            $path = substr_replace($path, $this->pick(["\xff\xfe", "\x80", '%00', '%', '%zz', '..%2f..%2f', ';a=1', '%c0%ae', "caf\xc3\xa9", '//', '/./', '{id}', '%2e%2e/']), $this->random->getInt(5, \strlen($path)), 0);
        }

        return $path.($query === [] ? '' : '?'.implode('&', $query));
    }

    /**
     * @param array<mixed> $content
     * @param array<mixed> $shapes
     */
    private function body(array $content, array $shapes): ?string
    {
        $schema = $content['application/json']['schema'] ?? null;
        if ($schema === null) {
            return $this->chance(5) ? $this->text() : null;
        }
        if ($this->chance(12)) {
            return $this->pick(['', '{', '[]', 'null', '1', '"x"', str_repeat('[', 200), '{"a":', "\xff\xfe", '{"a":1}{"b":2}', '{"id":9223372036854775808}']);
        }
        $value = $this->value($schema, $shapes, 0);
        $json = json_encode($value, \JSON_INVALID_UTF8_SUBSTITUTE | \JSON_PARTIAL_OUTPUT_ON_ERROR);

        return $json === false ? '{}' : $json;
    }

    /**
     * @param array<mixed> $schema
     * @param array<mixed> $shapes
     */
    private function value(array $schema, array $shapes, int $deep): mixed
    {
        if (isset($schema['$ref'])) {
            $schema = $shapes[substr((string) strrchr((string) $schema['$ref'], '/'), 1)] ?? [];
        }
        foreach (['oneOf', 'anyOf', 'allOf'] as $of) {
            if (isset($schema[$of])) {
                $schema = $this->pick(array_values((array) $schema[$of]));
                if (isset($schema['$ref'])) {
                    $schema = $shapes[substr((string) strrchr((string) $schema['$ref'], '/'), 1)] ?? [];
                }
            }
        }
        if ($this->chance(8) || $deep > 4) {
            return $this->pick([null, true, 0, -1, 1.5, 1e308, \PHP_INT_MAX, '', $this->text(), [], [[]], ['a' => 1], new \stdClass()]);
        }
        if (isset($schema['enum'])) {
            return $this->chance(6) ? $this->text() : $this->pick(array_values((array) $schema['enum']));
        }
        $types = (array) ($schema['type'] ?? 'object');

        return match ($this->pick(array_values($types))) {
            'integer' => $this->pick([0, 1, 2, 3, 5, 40, -1, \PHP_INT_MAX, \PHP_INT_MIN]),
            'number' => $this->pick([0, 0.25, 1, 12.5, 21, 24, 300, -3, 1e-300, 1e300, 4e9]),
            'boolean' => $this->chance(2),
            'string' => $this->pick([$this->text(), '#c03030', '2026-12-24', "2026-12-24\0", '2026-02-31', '0000-00-00', 'cotton', 'plain name']),
            'array' => array_map(fn (): mixed => $this->value($schema['items'] ?? [], $shapes, $deep + 1), range(0, $this->random->getInt(0, 3))),
            'null' => null,
            default => $this->shape($schema, $shapes, $deep),
        };
    }

    /**
     * @param array<mixed> $schema
     * @param array<mixed> $shapes
     */
    private function shape(array $schema, array $shapes, int $deep): mixed
    {
        $value = [];
        foreach ($schema['properties'] ?? [] as $name => $inner) {
            if (\in_array($name, $schema['required'] ?? [], true) ? !$this->chance(12) : $this->chance(4)) {
                $value[$name] = $this->value($inner, $shapes, $deep + 1);
            }
        }
        if ($this->chance(10)) {
            $value[$this->text()] = 1;
        }

        return (object) $value;
    }

    private function text(): string
    {
        return $this->pick([
            '', ' ', "\0", "a\0b", "line\nbreak", "\u{202e}backwards", "\u{feff}", str_repeat('long ', 400), '../../etc/passwd', '%s%n%d',
            "'; DROP TABLE job; --", '<script>alert(1)</script>', '{{7*7}}', "\xc3\x28", '😀', 'NaN', '-0', '1e999', '#zzzzzz', '١٢٣', "\x1b[31m",
        ]);
    }

    private function chance(int $oneIn): bool
    {
        return $this->random->getInt(1, $oneIn) === 1;
    }

    /**
     * @template T
     *
     * @param list<T> $of
     *
     * @return T
     */
    private function pick(array $of): mixed
    {
        self::assertNotEmpty($of);

        return $of[$this->random->getInt(0, \count($of) - 1)];
    }

    private static function told(string $name, int $usual): int
    {
        $told = getenv($name);

        return is_numeric($told) ? (int) $told : $usual;
    }
}
