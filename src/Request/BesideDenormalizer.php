<?php

declare(strict_types=1);

namespace Ektype\App\Request;

use Ektype\Core\Unit\Beside;
use Symfony\Component\Serializer\Normalizer\DenormalizerAwareInterface;
use Symfony\Component\Serializer\Normalizer\DenormalizerAwareTrait;
use Symfony\Component\Serializer\Normalizer\DenormalizerInterface;

/** Reads what lies beside the other fields into the parts that it belongs to. */
final class BesideDenormalizer implements DenormalizerInterface, DenormalizerAwareInterface
{
    use DenormalizerAwareTrait;

    private const DONE = 'parts lie apart';

    public function __construct(private readonly Spelling $spelling)
    {
    }

    /** @param array<string, mixed> $context */
    public function denormalize(mixed $data, string $type, ?string $format = null, array $context = []): mixed
    {
        if (!\is_array($data) || !class_exists($type)) {
            throw new \LogicException('Only wholes have parts.');
        }
        foreach (Beside::of($type) as $name => $part) {
            $within = array_flip(array_map($this->spelling->path(...), self::fields($part)));
            $data = [...array_diff_key($data, $within), $this->spelling->path($name) => array_intersect_key($data, $within)];
        }

        return $this->denormalizer->denormalize($data, $type, $format, [...$context, self::DONE => $type]);
    }

    /** @param array<string, mixed> $context */
    public function supportsDenormalization(mixed $data, string $type, ?string $format = null, array $context = []): bool
    {
        return \is_array($data) && class_exists($type) && ($context[self::DONE] ?? null) !== $type && Beside::of($type) !== [];
    }

    public function getSupportedTypes(?string $format): array
    {
        return ['object' => false];
    }

    /**
     * A path without the names of parts: nobody wrote those.
     *
     * @param class-string $type
     */
    public static function flat(string $path, string $type): string
    {
        $left = [];
        $at = $type;
        foreach (explode('.', $path) as $segment) {
            $name = (string) preg_replace('/\[.*$/', '', $segment);
            $part = $at === null ? null : Beside::of($at)[$name] ?? null;
            if ($part === null) {
                $left[] = $segment;
            }
            $at = $part ?? ($at === null ? null : FieldAtFault::typeOf($at, $name));
        }

        return implode('.', $left);
    }

    /**
     * @param class-string $part
     *
     * @return list<string>
     */
    private static function fields(string $part): array
    {
        return array_map(static fn (\ReflectionParameter $p): string => $p->getName(), (new \ReflectionClass($part))->getConstructor()?->getParameters() ?? []);
    }
}
