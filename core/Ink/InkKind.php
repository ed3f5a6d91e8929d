<?php

declare(strict_types=1);

namespace Ektype\Core\Ink;

/** What an ink is made of, as far as mesh and deposit ask. */
enum InkKind: string
{
    case Plastisol = 'plastisol';
    case WaterBased = 'water-based';
    case Solvent = 'solvent';
    case Glitter = 'glitter';
    case Puff = 'puff';
    case Metallic = 'metallic';
    /** Lets what lies below shine through: inks of four-colour process, tints of layers. */
    case Transparent = 'transparent';

    /** g/cm³ (trade range 1.1–1.5). */
    public function density(): float
    {
        return match ($this) {
            self::Plastisol => 1.25,
            self::WaterBased, self::Solvent, self::Transparent => 1.1,
            self::Glitter => 1.3,
            self::Puff => 1.15,
            self::Metallic => 1.4,
        };
    }

    /** Whether it dries in the mesh where it stands. */
    public function driesInMesh(): bool
    {
        return \in_array($this, [self::WaterBased, self::Solvent], true);
    }

    /** Whether its pigment wants open mesh. */
    public function isCoarse(): bool
    {
        return \in_array($this, [self::Glitter, self::Puff, self::Metallic], true);
    }
}
