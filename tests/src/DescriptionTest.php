<?php

declare(strict_types=1);

namespace Ektype\Tests\App;

use Ektype\App\Api\Description\Describer;

/** The API is described by its own routes and types. */
final class DescriptionTest extends ShopTestCase
{
    public function testEveryRouteIsDescribedAndEveryShapeIsThere(): void
    {
        $describer = self::getContainer()->get(Describer::class);
        self::assertInstanceOf(Describer::class, $describer);
        $api = json_decode(json_encode($describer->describe(), \JSON_THROW_ON_ERROR), true, 64, \JSON_THROW_ON_ERROR);
        self::assertIsArray($api);
        self::assertGreaterThan(45, \count($api['paths']));
        $names = [];
        foreach ($api['paths'] as $path => $verbs) {
            foreach ($verbs as $verb => $operation) {
                $names[] = $operation['operationId'];
                self::assertNotSame('', $operation['responses'][array_key_first($operation['responses'])]['description'], "$verb $path");
                self::assertCount(
                    substr_count((string) $path, '{'),
                    array_filter($operation['parameters'], static fn (array $p): bool => $p['in'] === 'path'),
                );
            }
        }
        self::assertSame(array_unique($names), $names);
        preg_match_all('~#/components/schemas/(\w+)~', (string) json_encode($api, \JSON_UNESCAPED_SLASHES), $found);
        foreach (array_unique($found[1]) as $shape) {
            self::assertArrayHasKey($shape, $api['components']['schemas']);
        }
        // What is asked for is described by the same bounds that refuse it.
        $patch = $api['components']['schemas']['SpotPlanPatch'];
        self::assertEquals([0, 3], [$patch['properties']['chokeMm']['minimum'], $patch['properties']['chokeMm']['maximum']]);
        self::assertFalse($patch['additionalProperties']);
        self::assertFalse($api['components']['schemas']['JobPatch']['additionalProperties']);
        self::assertContains('rigid', $api['components']['schemas']['Substrate']['enum']);
        self::assertSame(
            ['widthMm', 'garmentHex'],
            \array_slice($api['paths']['/api/jobs']['post']['requestBody']['content']['multipart/form-data']['schema']['required'], 1),
        );
    }

    /** What is sent is what is described: no more, no less, of the types that are told. */
    public function testAnswersHaveTheShapesThatAreDescribed(): void
    {
        $describer = self::getContainer()->get(Describer::class);
        self::assertInstanceOf(Describer::class, $describer);
        $api = json_decode(json_encode($describer->describe(), \JSON_THROW_ON_ERROR), true, 64, \JSON_THROW_ON_ERROR);
        self::assertIsArray($api);
        $id = $this->twoDotsSeparated();
        $this->ask('POST', "/api/jobs/$id/frames");
        $plate = $this->ask('GET', "/api/jobs/$id")['plates'][1]['id'];
        foreach ([
            '/api/jobs/{id}' => $id,
            '/api/jobs/{id}/art/bench' => $id,
            '/api/jobs/{id}/plates' => $id,
            '/api/jobs/{id}/films' => $id,
            '/api/jobs/{id}/screens' => $id,
            '/api/jobs/{id}/light' => $id,
            '/api/jobs/{id}/press' => $id,
            '/api/jobs/{id}/run' => $id,
            '/api/jobs/{id}/costs' => $id,
            '/api/jobs/{id}/frames' => $id,
            '/api/plates/{id}/frames' => $plate,
            '/api/plates/{id}/meshes' => $plate,
            '/api/plates/{id}/moire' => $plate,
            '/api/plates/{id}/moire/map' => $plate,
            '/api/plates/{id}/why' => $plate,
            '/api/frames/{id}' => 3,
            '/api/frames/{id}/gauge' => 3,
            '/api/shop' => 0,
            '/api/trade' => 0,
            '/api/darkroom' => 0,
            '/api/jobs' => 0,
            '/api/undo' => 0,
        ] as $path => $of) {
            $this->browser->request('GET', str_replace('{id}', (string) $of, $path));
            $answer = json_decode((string) $this->browser->getResponse()->getContent());
            $schema = $api['paths'][$path]['get']['responses']['200']['content']['application/json']['schema'];
            self::assertSame([], self::breaks($answer, $schema, $api['components']['schemas'], $path), $path);
        }
    }

    /**
     * @param array<mixed> $schema
     * @param array<mixed> $shapes
     *
     * @return list<string>
     */
    private static function breaks(mixed $value, array $schema, array $shapes, string $at): array
    {
        if (isset($schema['$ref'])) {
            return self::breaks($value, $shapes[basename($schema['$ref'])], $shapes, $at);
        }
        if (isset($schema['anyOf']) || isset($schema['oneOf'])) {
            $all = array_map(static fn (array $one): array => self::breaks($value, $one, $shapes, $at), $schema['anyOf'] ?? $schema['oneOf']);

            return \in_array([], $all, true) ? [] : array_merge(...$all);
        }
        $is = match (true) {
            $value === null => 'null', \is_bool($value) => 'boolean', \is_int($value) => 'integer', \is_float($value) => 'number', \is_string($value) => 'string', \is_array($value) => 'array', default => 'object',
        };
        $types = (array) $schema['type'];
        if (!\in_array($is, $types, true) && !($is === 'integer' && \in_array('number', $types, true))) {
            return ["$at is $is, not ".implode(' or ', $types)];
        }
        if (isset($schema['enum']) && !\in_array($value, $schema['enum'], true)) {
            return ["$at is none of its words"];
        }
        $broken = [];
        if ($value instanceof \stdClass && isset($schema['properties'])) {
            $has = array_keys((array) $value);
            $broken = array_map(
                static fn ($name): string => "$at: $name",
                [...array_diff($has, array_keys($schema['properties'])), ...array_diff($schema['required'] ?? [], $has)],
            );
            foreach ($schema['properties'] as $name => $inner) {
                array_push($broken, ...(property_exists($value, $name) ? self::breaks($value->{$name}, $inner, $shapes, "$at.$name") : []));
            }
        }
        foreach (\is_array($value) ? $value : [] as $i => $one) {
            array_push($broken, ...self::breaks($one, $schema['items'], $shapes, "{$at}[$i]"));
        }

        return array_values($broken);
    }
}
