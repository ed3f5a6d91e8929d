<?php

declare(strict_types=1);

namespace Ektype\Core\Exposure;

/** How an emulsion hardens. */
enum EmulsionKind: string
{
    case Photopolymer = 'photopolymer';
    case DualCure = 'dual_cure';
    case Diazo = 'diazo';
    case CapillaryFilm = 'capillary_film';

    public function says(): string
    {
        return match ($this) {
            self::Photopolymer => 'photopolymer',
            self::DualCure => 'dual-cure',
            self::Diazo => 'diazo',
            self::CapillaryFilm => 'capillary film',
        };
    }

    /** Its time against a photopolymer’s, of the logarithm (trade default). */
    public function usualLn(): float
    {
        return match ($this) {
            self::Photopolymer => 0.0,
            self::DualCure => 0.6,
            self::Diazo => 1.0,
            self::CapillaryFilm => 0.7,
        };
    }
}
