<?php

declare(strict_types=1);

namespace Ektype\App\Request;

use Ektype\Core\Separation\MethodName;
use Ektype\Core\Unit\Beside;
use Symfony\Component\PropertyInfo\Extractor\PhpStanExtractor;
use Symfony\Component\PropertyInfo\Extractor\ReflectionExtractor;
use Symfony\Component\PropertyInfo\PropertyInfoExtractor;
use Symfony\Component\Serializer\Exception\ExtraAttributesException;
use Symfony\Component\Serializer\Exception\NotNormalizableValueException;
use Symfony\Component\Serializer\Exception\PartialDenormalizationException;
use Symfony\Component\Serializer\Mapping\Factory\ClassMetadataFactory;
use Symfony\Component\Serializer\Mapping\Loader\AttributeLoader;
use Symfony\Component\Serializer\Normalizer\ArrayDenormalizer;
use Symfony\Component\Serializer\Normalizer\BackedEnumNormalizer;
use Symfony\Component\Serializer\Normalizer\DenormalizerInterface;
use Symfony\Component\Serializer\Normalizer\ObjectNormalizer;
use Symfony\Component\Serializer\Serializer;
use Symfony\Component\Validator\ConstraintViolationInterface;
use Symfony\Component\Validator\Validator\ValidatorInterface;

/**
 * Reads what a page, a file or a command gives into a typed request: every name known, every value of its type and within
 * its bounds, or none of it.
 */
final class RequestReader
{
    /** @var array<string, Serializer> by spelling */
    private array $serializers = [];

    public function __construct(private readonly ValidatorInterface $validator)
    {
    }

    /**
     * @template T of object
     *
     * @param class-string<T> $type
     *
     * @return T
     *
     * @throws UnreadableRequest
     */
    public function json(string $json, string $type, Spelling $spelling = Spelling::Camel): object
    {
        try {
            $values = json_decode($json, true, 64, \JSON_THROW_ON_ERROR);
        } catch (\JsonException $e) {
            throw UnreadableRequest::because(
                'The input is not JSON ('.$e->getMessage().'), so there is nothing to reckon with. Check the brackets, commas and quotes.',
            );
        }
        if (!\is_array($values) || ($values !== [] && array_is_list($values))) {
            throw UnreadableRequest::because('The input must be one JSON object with named values, { … }. Put the values into an object.');
        }

        return $this->values($values, $type, $spelling);
    }

    /**
     * Values that came as words, as addresses, forms and options give them.
     *
     * @template T of object
     *
     * @param array<array-key, mixed> $words
     * @param class-string<T>         $type
     * @param list<string>            $asTheyAre names that stay words even where they look like numbers
     *
     * @return T
     *
     * @throws UnreadableRequest
     */
    public function words(array $words, string $type, array $asTheyAre = []): object
    {
        $values = [];
        foreach ($words as $name => $value) {
            $values[$name] = match (true) {
                !\is_string($value) || \in_array($name, $asTheyAre, true) => $value,
                is_numeric($value) => $value + 0,
                $value === 'true', $value === 'false' => $value === 'true',
                default => $value,
            };
        }

        return $this->values($values, $type);
    }

    /**
     * @template T of object
     *
     * @param array<array-key, mixed> $values
     * @param class-string<T>         $type
     *
     * @return T
     *
     * @throws UnreadableRequest
     */
    public function values(array $values, string $type, Spelling $spelling = Spelling::Camel): object
    {
        $values = PlainText::cleaned($values);
        self::mustBeWhole($values, $type, $spelling);
        try {
            $request = $this->serializer($spelling)->denormalize($values, $type, 'json', [
                DenormalizerInterface::COLLECT_DENORMALIZATION_ERRORS => true,
                ObjectNormalizer::ALLOW_EXTRA_ATTRIBUTES => false,
            ]);
        } catch (ExtraAttributesException $unknown) {
            throw new UnreadableRequest(
                array_map(
                    static fn (string $name): Fault => new Fault(
                        $name,
                        \sprintf('“%s” is not known here, so nothing was changed. Check how it is written.', $name),
                    ),
                    self::names($unknown->getExtraAttributes()),
                ),
            );
        } catch (PartialDenormalizationException $partly) {
            $faults = array_map(
                fn (NotNormalizableValueException $not): Fault => $this->misfit($not, $type, $values, $spelling),
                array_values($partly->getErrors()),
            );
            throw $faults === [] ? UnreadableRequest::because('The input cannot be read.') : new UnreadableRequest($faults);
        } catch (NotNormalizableValueException $not) {
            throw new UnreadableRequest([$this->misfit($not, $type, $values, $spelling)]);
        }
        if (!$request instanceof $type) {
            throw UnreadableRequest::because('The input cannot be read.');
        }
        $faults = [];
        foreach ($this->validator->validate($request) as $violation) {
            $faults[] = self::fault($violation, $type, $spelling);
        }
        if ($faults !== []) {
            throw new UnreadableRequest($faults);
        }

        return $request;
    }

    /**
     * A fraction where only whole numbers count is refused, not cut short, however deep it lies.
     *
     * @param array<array-key, mixed> $values
     * @param class-string            $type
     */
    private static function mustBeWhole(array $values, string $type, Spelling $spelling): void
    {
        $faults = self::fractions($values, $type, $spelling, '');
        if ($faults !== []) {
            throw new UnreadableRequest($faults);
        }
    }

    /**
     * @param array<array-key, mixed> $values
     * @param class-string            $type
     *
     * @return list<Fault>
     */
    private static function fractions(array $values, string $type, Spelling $spelling, string $within): array
    {
        $faults = [];
        foreach ((new \ReflectionClass($type))->getConstructor()?->getParameters() ?? [] as $parameter) {
            $is = $parameter->getType();
            $part = Beside::of($type)[$parameter->getName()] ?? null;
            if ($part !== null) {
                $faults = [...$faults, ...self::fractions($values, $part, $spelling, $within)];
                continue;
            }
            $named = $spelling->path($parameter->getName());
            $given = $values[$named] ?? null;
            $field = $within.$named;
            if (!$is instanceof \ReflectionNamedType) {
                continue;
            }
            if ($is->getName() === 'int' && \is_float($given)) {
                $faults[] = new Fault($field, \sprintf('“%s” is %s, no whole number. Only whole numbers count here.', self::said($field, $spelling), json_encode($given)));
            }
            if (!\is_array($given) || ($is->getName() !== 'array' && $is->isBuiltin())) {
                continue;
            }
            $of = FieldAtFault::typeOf($type, $parameter->getName());
            if ($of === null || enum_exists($of)) {
                continue;
            }
            foreach ($is->getName() === 'array' ? $given : [$given] as $i => $one) {
                if (\is_array($one)) {
                    $faults = [...$faults, ...self::fractions($one, $of, $spelling, $is->getName() === 'array' ? \sprintf('%s[%s].', $field, $i) : $field.'.')];
                }
            }
        }

        return $faults;
    }

    /** @param class-string $type */
    private static function fault(ConstraintViolationInterface $violation, string $type, Spelling $spelling): Fault
    {
        $field = $spelling->path(BesideDenormalizer::flat($violation->getPropertyPath(), $type));

        return new Fault($field, $field === '' ? (string) $violation->getMessage() : \sprintf('“%s” %s', self::said($field, $spelling), $violation->getMessage()));
    }

    /** As the page names it; a file is written in its own names. */
    private static function said(string $field, Spelling $spelling): string
    {
        return $spelling === Spelling::Camel ? FieldWords::of($field) : $field;
    }

    /**
     * @param class-string            $type
     * @param array<array-key, mixed> $values
     */
    private function misfit(NotNormalizableValueException $not, string $type, array $values, Spelling $spelling): Fault
    {
        $field = $spelling->path(BesideDenormalizer::flat((string) $not->getPath(), $type));
        [$given, $is] = self::at($values, $field);
        $wanted = implode('|', $not->getExpectedTypes() ?? []);
        $how = match (true) {
            $wanted === 'pair' => ['not a pair', 'Give two numbers, [x, y].'],
            str_contains($wanted, 'float') => [
                \is_string($given) ? 'not a number' : 'no number',
                $spelling === Spelling::Camel ? 'Give it as a number.' : 'Give it as a plain number, without quotes.',
            ],
            str_contains($wanted, 'int') => ['no whole number', 'Only whole numbers count here.'],
            str_contains($wanted, 'bool') => $spelling === Spelling::Camel ? ['neither yes nor no', 'Say yes or no.'] : ['neither true nor false', 'Say true or false.'],
            str_contains($wanted, 'array'), str_contains($wanted, '[]') => ['not a list', $spelling === Spelling::Camel ? 'Give one after the other.' : 'Give it as a list, [ … ].'],
            str_contains($wanted, 'string') && !\is_string($given) => ['not text', 'Give it as text.'],
            \is_string($given) => ['not known here', 'Look up how it is called.'],
            default => $spelling === Spelling::Camel ? ['not whole', 'Fill in all of it.'] : ['not an object', 'Give it as an object, { … }.'],
        };
        $known = self::known($not);
        $said = self::said($field, $spelling);
        $shown = \is_scalar($given) ? \sprintf(
            '%s, ',
            \is_string($given) ? '“'.mb_strimwidth($given, 0, 40, '…').'”' : json_encode($given),
        ) : '';

        if (\is_string($given) && preg_match('/^[+-]?[1-9]\d{0,2}(,\d{3})+$/', trim($given)) === 1) {
            return new Fault($field, \sprintf('“%s” is “%s”: %s, or %s? Write it without the comma, or with a point.', $said, trim($given), str_replace(',', '', trim($given)), (string) preg_replace('/,/', '.', trim($given), 1)));
        }

        return new Fault($field, match (true) {
            !$is || $given === null => \sprintf('“%s” is missing. %s', $said, $how[1]),
            $known !== '' => \sprintf('“%s” is %swhich is not known here. Use one of: %s.', $said, $shown, $known),
            default => \sprintf('“%s” is %s%s. %s', $said, $shown, $how[0], $how[1]),
        });
    }

    /** The words that an enumeration has. */
    private static function known(NotNormalizableValueException $not): string
    {
        foreach ([$not->getMessage(), (string) $not->getPrevious()?->getMessage()] as $message) {
            if (preg_match('/enumeration of type ([\w\\\\]+)/', $message, $found) === 1 && is_subclass_of($found[1], \BackedEnum::class)) {
                return implode(', ', array_map(static fn (\BackedEnum $case): string => (string) $case->value, $found[1]::cases()));
            }
        }
        foreach ($not->getExpectedTypes() ?? [] as $type) {
            if ($type === MethodName::class) {
                return implode(', ', array_column(MethodName::cases(), 'value'));
            }
            if (is_subclass_of($type, \BackedEnum::class)) {
                return implode(', ', array_map(static fn (\BackedEnum $case): string => (string) $case->value, $type::cases()));
            }
        }

        return '';
    }

    /**
     * @param array<array-key, mixed> $values
     *
     * @return array{mixed, bool} what stands at a path, and whether anything does
     */
    private static function at(array $values, string $path): array
    {
        $here = $values;
        foreach (explode('.', strtr($path, ['[' => '.', ']' => ''])) as $name) {
            if (!\is_array($here) || !\array_key_exists($name, $here)) {
                return [null, false];
            }
            $here = $here[$name];
        }

        return [$here, true];
    }

    /**
     * @param array<array-key, mixed> $names
     *
     * @return non-empty-list<string>
     */
    private static function names(array $names): array
    {
        $texts = array_map(static fn (mixed $name): string => \is_scalar($name) ? (string) $name : '', array_values($names));

        return $texts === [] ? [''] : $texts;
    }

    private function serializer(Spelling $spelling): Serializer
    {
        return $this->serializers[$spelling->name] ??= new Serializer([
            new BackedEnumNormalizer(),
            new ArrayDenormalizer(),
            new PointDenormalizer(),
            new MethodDenormalizer(),
            new BesideDenormalizer($spelling),
            new ObjectNormalizer(
                new ClassMetadataFactory(new AttributeLoader()),
                $spelling->converter(),
                null,
                new PropertyInfoExtractor([], [new PhpStanExtractor(), new ReflectionExtractor()]),
            ),
        ]);
    }
}
