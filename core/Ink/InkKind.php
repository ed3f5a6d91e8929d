<?php

declare(strict_types=1);

namespace Ektype\Core\Ink;

/** What an ink is made of. */
enum InkKind: string
{
    case Plastisol = 'plastisol';
    case WaterBased = 'water-based';
    case Discharge = 'discharge';
    case Solvent = 'solvent';
    case Glitter = 'glitter';
    case Puff = 'puff';
    case Metallic = 'metallic';
    case Transparent = 'transparent';
    case TwoPart = 'two-part';
    case Panel = 'panel';

    /** What it asks of mesh, cloth, stencil, press and dryer. */
    public function traits(): InkTraits
    {
        return match ($this) {
            self::Plastisol => new Kind\Plastisol(),
            self::WaterBased => new Kind\WaterBased(),
            self::Discharge => new Kind\Discharge(),
            self::Solvent => new Kind\Solvent(),
            self::Glitter => new Kind\Glitter(),
            self::Puff => new Kind\Puff(),
            self::Metallic => new Kind\Metallic(),
            self::Transparent => new Kind\Transparent(),
            self::TwoPart => new Kind\TwoPart(),
            self::Panel => new Kind\Panel(),
        };
    }

    /** g/cm³ */
    public function density(): float
    {
        return $this->traits()->density();
    }

    /** Whether its pigment wants open mesh. */
    public function isCoarse(): bool
    {
        return $this->traits()->mesh() !== null;
    }
}
