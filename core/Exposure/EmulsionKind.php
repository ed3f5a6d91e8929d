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

    /** @return list<string> what is done with it before it lies on a screen, in order */
    public function prepared(): array
    {
        return match ($this) {
            self::Photopolymer => ['Ready to use: stir it slowly, let its bubbles rise, and keep its lid on: it is fast, and takes what light it gets.'],
            self::DualCure => ['Dissolve the sensitiser as its sheet says, stir it in slowly, and let it rest some hours until its bubbles are gone. Write the day on the pot: it keeps 4 to 8 weeks, cool and dark.'],
            self::Diazo => ['Dissolve the sensitiser in the water that its sheet names, stir it in, and let it rest half a day until its bubbles are gone. Write the day on the pot: it keeps 4 to 8 weeks, cool and dark.', 'Sensitiser stains and may sensitise skin: gloves, goggles.'],
            self::CapillaryFilm => ['Degrease and wet the mesh evenly. Lay the film, emulsion side to the mesh, from one edge on without air, and squeegee the water off once from the squeegee side.', 'Dry it, then pull its backing off: if it sticks, it is not dry. A face coat on the squeegee side makes it last longer.'],
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
