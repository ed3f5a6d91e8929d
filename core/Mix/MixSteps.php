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
        if (!$method->isOrdered()) {
            return null;
        }
        $last = \count($roles) - 1;
        $steps = [];
        foreach ($roles as $i => $role) {
            [$why, $flash, $whyFlash] = MixLook::place($role, $i === $last, $roles[$i + 1] ?? null);
            $why = $role === PlateRole::Colour && $method->order() !== '' ? $method->order() : $why;
            $steps[] = $method->driesBetween() ? new PrintStep(
                $i,
                $i === 0 ? 'The first layer on the paper: greys build the picture before colours tint it.' : $why,
                false,
                $i === $last ? 'Last layer: let it dry.' : 'Each layer dries before the next.',
            ) : new PrintStep($i, $why, $flash, $whyFlash);
        }

        return $steps;
    }
}
