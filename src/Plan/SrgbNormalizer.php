<?php

declare(strict_types=1);

namespace Ektype\App\Plan;

use Ektype\Core\Colour\Srgb;
use Ektype\Core\Colour\UnknownColour;
use Symfony\Component\Serializer\Exception\NotNormalizableValueException;
use Symfony\Component\Serializer\Normalizer\DenormalizerInterface;
use Symfony\Component\Serializer\Normalizer\NormalizerInterface;

/** A colour as #rrggbb. */
final class SrgbNormalizer implements NormalizerInterface, DenormalizerInterface
{
    /** @param array<mixed> $context */
    public function normalize(mixed $data, ?string $format = null, array $context = []): string
    {
        return $data instanceof Srgb ? $data->hex() : throw new \LogicException('Only colours are written so.');
    }

    /** @param array<mixed> $context */
    public function supportsNormalization(mixed $data, ?string $format = null, array $context = []): bool
    {
        return $data instanceof Srgb;
    }

    /** @param array<mixed> $context */
    public function denormalize(mixed $data, string $type, ?string $format = null, array $context = []): mixed
    {
        try {
            return Srgb::fromHex(\is_string($data) ? $data : '');
        } catch (UnknownColour $not) {
            throw NotNormalizableValueException::createForUnexpectedDataType($not->getMessage(), $data, ['string']);
        }
    }

    /** @param array<mixed> $context */
    public function supportsDenormalization(mixed $data, string $type, ?string $format = null, array $context = []): bool
    {
        return $type === Srgb::class;
    }

    public function getSupportedTypes(?string $format): array
    {
        return [Srgb::class => true];
    }
}
