<?php

declare(strict_types=1);

namespace Ektype\App\Api\Description;

use Symfony\Component\TypeInfo\Exception\ExceptionInterface;
use Symfony\Component\TypeInfo\Type;
use Symfony\Component\TypeInfo\TypeContext\TypeContext;
use Symfony\Component\TypeInfo\TypeContext\TypeContextFactory;
use Symfony\Component\TypeInfo\TypeResolver\StringTypeResolver;
use Symfony\Component\TypeInfo\TypeResolver\TypeResolver;

/** Types as docblocks have them, which know more than PHP’s own: what a list holds. */
final readonly class DocTypes
{
    private TypeContextFactory $contexts;
    private StringTypeResolver $texts;

    public function __construct()
    {
        $this->texts = new StringTypeResolver();
        $this->contexts = new TypeContextFactory($this->texts);
    }

    public function returned(\ReflectionMethod $method): ?Type
    {
        return preg_match(
            '/@return\s+(\S+(?:<[^>]+>)?)/',
            (string) $method->getDocComment(),
            $found,
        ) === 1 ? $this->read($found[1], $method->getDeclaringClass()) : null;
    }

    public function of(\ReflectionProperty $property): Type
    {
        $class = $property->getDeclaringClass();
        $doc = (string) $property->getDocComment().(string) $class->getConstructor()?->getDocComment();
        $named = preg_match(
            '/@(?:param|var)\s+((?:[^\s$<]|<(?:[^<>]|<[^<>]*>)*>|(?<=\|)\s)+)\s+\$'.$property->getName().'\b/',
            $doc,
            $found,
        ) === 1
            || preg_match('/@var\s+((?:[^\s$<]|<(?:[^<>]|<[^<>]*>)*>)+)/', (string) $property->getDocComment(), $found) === 1;

        return ($named ? $this->read($found[1], $class) : null) ?? TypeResolver::create()->resolve($property);
    }

    /** @param \ReflectionClass<object> $in */
    private function read(string $text, \ReflectionClass $in): ?Type
    {
        try {
            return $this->texts->resolve($text, $this->context($in));
        } catch (ExceptionInterface) {
            return null;
        }
    }

    /** @param \ReflectionClass<object> $in */
    private function context(\ReflectionClass $in): TypeContext
    {
        return $this->contexts->createFromReflection($in) ?? throw new \LogicException('A class has a context.');
    }
}
