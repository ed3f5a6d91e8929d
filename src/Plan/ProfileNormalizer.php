<?php

declare(strict_types=1);

namespace Ektype\App\Plan;

use Ektype\Core\Mix\InkProfile;
use Symfony\Component\Serializer\Exception\NotNormalizableValueException;
use Symfony\Component\Serializer\Normalizer\DenormalizerInterface;
use Symfony\Component\Serializer\Normalizer\NormalizerInterface;

/** A profile by its name and its nodes. */
final class ProfileNormalizer implements NormalizerInterface, DenormalizerInterface
{
    /**
     * @param array<mixed> $context
     *
     * @return array<string, string>
     */
    public function normalize(mixed $data, ?string $format = null, array $context = []): array
    {
        return $data instanceof InkProfile ? ['name' => $data->name, 'nodes' => $data->written()] : throw new \LogicException('Only profiles are written so.');
    }

    /** @param array<mixed> $context */
    public function supportsNormalization(mixed $data, ?string $format = null, array $context = []): bool
    {
        return $data instanceof InkProfile;
    }

    /** @param array<mixed> $context */
    public function denormalize(mixed $data, string $type, ?string $format = null, array $context = []): mixed
    {
        [$name, $nodes] = \is_array($data) ? [$data['name'] ?? null, $data['nodes'] ?? null] : [null, null];

        return \is_string($name) && \is_string($nodes) ? InkProfile::kept($name, $nodes) : throw NotNormalizableValueException::createForUnexpectedDataType('A profile has a name and nodes.', $data, ['array']);
    }

    /** @param array<mixed> $context */
    public function supportsDenormalization(mixed $data, string $type, ?string $format = null, array $context = []): bool
    {
        return $type === InkProfile::class;
    }

    public function getSupportedTypes(?string $format): array
    {
        return [InkProfile::class => true];
    }
}
