<?php

declare(strict_types=1);

namespace Ektype\Core\Ink;

use Ektype\Core\Plate\Substrate;

/**
 * What a kind of ink asks of mesh, cloth, stencil, press and dryer. A new kind is a class of its own under Kind and a case of
 * InkKind; whatever asks inks for something asks here.
 */
abstract class InkTraits
{
    /** g/cm³ (trade range 1.1–1.5). */
    abstract public function density(): float;

    abstract public function vehicle(): Vehicle;

    /** Of one stroke through 61–64, until somebody has tried it, 0–1. */
    public function hiding(): float
    {
        return Hiding::USUAL;
    }

    /** Openings that its pigment wants, threads per inch from and to, and why; null where any mesh passes it. */
    public function mesh(): ?PigmentMesh
    {
        return null;
    }

    /** Stands up from the cloth: the next screen would press it flat, so it prints last. */
    public function isRaised(): bool
    {
        return false;
    }

    /** Lets what lies below shine through. */
    public function isTransparent(): bool
    {
        return false;
    }

    /** Whether it needs to stand where the operator sees it. */
    public function wantsWatching(): bool
    {
        return $this->driesInMesh();
    }

    /** Whether it dries in the mesh where it stands. */
    public function driesInMesh(): bool
    {
        return $this->vehicle() !== Vehicle::Oil;
    }

    /**
     * What it asks of cloth and hands before it goes on the press.
     *
     * @param string $plates that print it, by their names
     * @param string $bases  those among all plates that are bases; empty where there are none
     *
     * @return list<string> plain sentences
     */
    public function suits(string $plates, string $bases, Substrate $on): array
    {
        return [];
    }

    /** What cures it in a dryer; null where air, lamp or hardener do. */
    public function cure(): ?CureNeed
    {
        return match ($this->vehicle()) {
            Vehicle::Oil => CureNeed::plastisol(),
            Vehicle::Water => CureNeed::waterBased(),
            default => null,
        };
    }

    /** @return list<string> how it cures on such cloth, and what may hurt who stands there */
    public function cautions(Substrate $on): array
    {
        return [];
    }
}
