<?php

declare(strict_types=1);

namespace Ektype\App\Request;

use Ektype\Core\Unit\Point;
use Symfony\Component\Serializer\Exception\NotNormalizableValueException;
use Symfony\Component\Serializer\Normalizer\DenormalizerInterface;

/** A point as files write it: [x, y]. */
final class PointDenormalizer implements DenormalizerInterface
{
    /** @param array<string, mixed> $context */
    public function denormalize(mixed $data, string $type, ?string $format = null, array $context = []): mixed
    {
        $x = \is_array($data) ? $data[0] ?? null : null;
        $y = \is_array($data) ? $data[1] ?? null : null;
        if (!\is_array($data) || \count($data) !== 2 || (!\is_int($x) && !\is_float($x)) || (!\is_int($y) && !\is_float($y))) {
            $path = $context['deserialization_path'] ?? null;
            throw NotNormalizableValueException::createForUnexpectedDataType(
                'Not a pair.',
                $data,
                ['pair'],
                \is_string($path) ? $path : null,
                true,
            );
        }

        return new Point((float) $x, (float) $y);
    }

    /** @param array<string, mixed> $context */
    public function supportsDenormalization(mixed $data, string $type, ?string $format = null, array $context = []): bool
    {
        return $type === Point::class;
    }

    public function getSupportedTypes(?string $format): array
    {
        return [Point::class => true];
    }
}
