<?php

declare(strict_types=1);

namespace Ektype\App\Request;

use Ektype\Core\Separation\MethodName;
use Symfony\Component\Serializer\Exception\NotNormalizableValueException;
use Symfony\Component\Serializer\Normalizer\DenormalizerInterface;

/** A method by its name. */
final class MethodDenormalizer implements DenormalizerInterface
{
    /** @param array<string, mixed> $context */
    public function denormalize(mixed $data, string $type, ?string $format = null, array $context = []): mixed
    {
        $path = $context['deserialization_path'] ?? null;

        return (\is_string($data) ? MethodName::tryFrom($data) : null)
            ?? throw NotNormalizableValueException::createForUnexpectedDataType('There is no such method.', $data, [MethodName::class], \is_string($path) ? $path : null, true);
    }

    /** @param array<string, mixed> $context */
    public function supportsDenormalization(mixed $data, string $type, ?string $format = null, array $context = []): bool
    {
        return $type === MethodName::class;
    }

    public function getSupportedTypes(?string $format): array
    {
        return [MethodName::class => true];
    }
}
