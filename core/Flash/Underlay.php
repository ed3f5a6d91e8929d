<?php

declare(strict_types=1);

namespace Ektype\Core\Flash;

use Ektype\Core\Plate\Substrate;

/** What lies under the ink, as far as heat goes: so thick, so conducting, and so much heat in it. */
final readonly class Underlay
{
    /**
     * @param float $conducts W/(m K)
     * @param float $holds    J/(m³ K)
     */
    public function __construct(public float $thicknessMm, public float $conducts, public float $holds)
    {
    }

    /** Thickness, conductivity and heat capacity by cloth (heuristic: textile handbooks give 0.04 to 0.08 W/(m K) and 0.2 to 0.5 MJ/(m³ K) for knits). */
    public static function of(Substrate $substrate): self
    {
        return match ($substrate) {
            Substrate::Fleece => new self(2.0, 0.045, 0.28e6),
            Substrate::Canvas => new self(0.8, 0.08, 0.60e6),
            Substrate::Nylon => new self(0.25, 0.07, 0.55e6),
            Substrate::Paper => new self(0.3, 0.10, 0.95e6),
            Substrate::Rigid => new self(3.0, 0.20, 1.70e6),
            default => new self(0.55, 0.06, 0.42e6),
        };
    }

    /** With so many times the heat in it. */
    public function holding(float $times): self
    {
        return new self($this->thicknessMm, $this->conducts, $times * $this->holds);
    }
}
