<?php

declare(strict_types=1);

namespace Ektype\App\Api\Description;

use Ektype\App\Action\Shelves\ShelfKind;
use Ektype\App\Api\Answering\Status;
use Ektype\App\Api\Asking\Asked;
use Ektype\App\Api\Asking\Body;
use Ektype\App\Api\Asking\Form;
use Ektype\App\Api\Shelves\Entries;
use Ektype\App\Api\Shelves\Entry;
use Ektype\App\Plan\MergePatch;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Routing\Route;
use Symfony\Component\Routing\RouterInterface;
use Symfony\Component\TypeInfo\Type\NullableType;
use Symfony\Component\TypeInfo\Type\ObjectType;
use Symfony\Component\TypeInfo\Type\UnionType;
use Symfony\Component\TypeInfo\TypeResolver\TypeResolver;

/** Describes the API as OpenAPI 3.1, from its routes and the types that they read and answer with: nothing is written twice. */
final class Describer
{
    private Schemas $schemas;

    public function __construct(private readonly RouterInterface $router)
    {
        $this->schemas = new Schemas();
    }

    /** @return array<string, mixed> */
    public function describe(): array
    {
        $this->schemas = new Schemas();
        $paths = [];
        foreach ($this->router->getRouteCollection() as $route) {
            [$class, $method] = array_pad(explode('::', self::controller($route)), 2, '');
            if (class_exists($class) && method_exists($class, $method) && str_starts_with($route->getPath(), '/api')) {
                foreach ($route->getMethods() as $verb) {
                    $paths[$route->getPath()][strtolower($verb)] = $this->operation($route, new \ReflectionMethod($class, $method));
                }
            }
        }
        ksort($paths);

        return [
            'openapi' => '3.1.0',
            'info' => [
                'title' => 'Ektype',
                'version' => '1',
                'description' => 'From a picture and a garment to a strike-off in register. Errors are problem details (RFC 9457).',
            ],
            'paths' => $paths,
            'components' => ['schemas' => $this->schemas->all()],
        ];
    }

    /** @return array<string, mixed> */
    private function operation(Route $route, \ReflectionMethod $method): array
    {
        $status = $method->getAttributes(Status::class)[0] ?? null;
        $operation = [
            'operationId' => lcfirst(
                substr($method->getDeclaringClass()->getShortName(), 0, -\strlen('Controller')),
            ).ucfirst($method->getName()),
            'parameters' => self::inPath($route),
            'responses' => [
                (string) ($status?->newInstance()->code ?? 200) => ['description' => $this->says($method), ...$this->answers($method)],
                '422' => [
                    'description' => 'Problem details',
                    'content' => ['application/problem+json' => ['schema' => ['type' => 'object']]],
                ],
            ],
        ];
        foreach ($method->getParameters() as $parameter) {
            $type = $parameter->getType();
            $name = $type instanceof \ReflectionNamedType ? $type->getName() : '';
            if (!class_exists($name) && !interface_exists($name)) {
                continue;
            }
            $patch = $parameter->getAttributes(MergePatch::class)[0] ?? null;
            if ($patch !== null) {
                $operation['requestBody'] = ['required' => true, 'content' => ['application/json' => ['schema' => $this->schemas->patches($patch->newInstance())]]];
            } elseif ($parameter->getAttributes(Body::class) !== []) {
                $operation['requestBody'] = ['required' => true, 'content' => ['application/json' => ['schema' => $this->body($name)]]];
            } elseif (class_exists($name) && $parameter->getAttributes(Asked::class) !== []) {
                $operation['parameters'] = [...$operation['parameters'], ...$this->schemas->asQuery($name)];
            } elseif (class_exists($name) && $parameter->getAttributes(Form::class) !== []) {
                $operation['requestBody'] = [
                    'required' => true,
                    'content' => [
                        'multipart/form-data' => [
                            'schema' => $this->schemas->asForm($name, $parameter->getAttributes(Form::class)[0]->newInstance()->file),
                        ],
                    ],
                ];
            }
        }

        return $operation;
    }

    /** @return array<string, mixed> */
    private function body(string $name): array
    {
        if ($name === Entry::class) {
            return ['oneOf' => array_map(fn (ShelfKind $kind): array => $this->schemas->read(Entries::of($kind)), ShelfKind::cases())];
        }

        return class_exists($name) ? $this->schemas->read($name) : throw new \LogicException('Only classes are read.');
    }

    /** @return array<string, mixed> */
    private function answers(\ReflectionMethod $method): array
    {
        $type = TypeResolver::create()->resolve($method);
        $doc = new DocTypes();
        $type = $doc->returned($method) ?? $type;
        if ($type instanceof UnionType && !$type instanceof NullableType) {
            foreach ($type->getTypes() as $one) {
                if ($one instanceof ObjectType && !is_a($one->getClassName(), Response::class, true)) {
                    $type = $one;
                }
            }
        }

        return $type instanceof ObjectType && is_a($type->getClassName(), Response::class, true) ? [] : [
            'content' => ['application/json' => ['schema' => $this->schemas->told($type)]],
        ];
    }

    /** The first sentence of what a controller says of itself. */
    private function says(\ReflectionMethod $method): string
    {
        $doc = (string) $method->getDocComment();
        if (preg_match('/\*\s+([^@\s*][^\n]*?)\s*(?:\*\/|\n)/', $doc, $found) === 1) {
            return $found[1];
        }

        return preg_match('/@return \S+ ([^\n*]+)/', $doc, $found) === 1 ? ucfirst(trim($found[1])) : ucfirst($method->getName());
    }

    /** @return list<array<string, mixed>> */
    private static function inPath(Route $route): array
    {
        $names = array_values(array_filter($route->compile()->getPathVariables(), is_string(...)));

        return array_map(static fn (string $name): array => [
            'name' => $name,
            'in' => 'path',
            'required' => true,
            'schema' => match (true) {
                $name === 'kind' => ['type' => 'string', 'enum' => array_column(ShelfKind::cases(), 'value')],
                $route->getRequirement($name) === '[0-9]{1,9}' => ['type' => 'integer'],
                default => ['type' => 'string'],
            },
        ], $names);
    }

    private static function controller(Route $route): string
    {
        $controller = $route->getDefault('_controller');

        return \is_string($controller) ? $controller : '';
    }
}
