<?php

declare(strict_types=1);

namespace Ektype\Core\Mix;

use Ektype\Core\Plate\PlateRole;
use Ektype\Core\Press\PrintStep;
use Ektype\Core\Separation\MethodName;

/** Why the plates of a picture in many inks print where they do, and where they are flashed. */
final class MixSteps
{
    /**
     * @param list<PlateRole> $roles in print order
     *
     * @return list<PrintStep>|null null for a method whose order goes by lightness alone
     */
    public static function of(MethodName $method, array $roles): ?array
    {
        if (!\in_array($method, [MethodName::Simulated, MethodName::Process, MethodName::Index, MethodName::Layers], true)) {
            return null;
        }
        $last = \count($roles) - 1;
        $steps = [];
        foreach ($roles as $i => $role) {
            [$why, $flash, $whyFlash] = MixLook::place($role, $i === $last, $roles[$i + 1] ?? null);
            $steps[] = match (true) {
                $method === MethodName::Layers => new PrintStep(
                    $i,
                    $i === 0 ? 'The first layer on the paper: greys build the picture before colours tint it.' : 'It multiplies what lies below; its proof decides whether the next one is needed as it is.',
                    false,
                    $i === $last ? 'Last layer: let it dry.' : 'Each layer dries before the next.',
                ),
                $role !== PlateRole::Colour => new PrintStep($i, $why, $flash, $whyFlash),
                default => new PrintStep($i, match ($method) {
                    MethodName::Process => 'Yellow, magenta, cyan, black: each lets what lies below shine through.',
                    MethodName::Index => 'Squares lie side by side: the lightest first, so that what is darker fouls no light screen.',
                    default => $why,
                }, $flash, $whyFlash),
            };
        }

        return $steps;
    }
}
