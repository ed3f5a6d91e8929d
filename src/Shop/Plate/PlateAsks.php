<?php

declare(strict_types=1);

namespace Ektype\App\Shop\Plate;

use Ektype\Core\Choice\MeshQuestion;
use Ektype\Core\Colour\Lab;
use Ektype\Core\Colour\Srgb;
use Ektype\Core\Ink\InkKind;
use Ektype\Core\Plate\Halftone;

/** What a plate of the shop asks of its mesh. */
final class PlateAsks
{
    /** @param float $divisor school of the shop: lines per inch times this is the coarsest mesh per inch */
    public static function of(Plate $plate, float $divisor): MeshQuestion
    {
        return new MeshQuestion(
            $plate->role,
            $plate->job->substrate,
            $plate->ink->kind ?? InkKind::Plastisol,
            $plate->finestLineMm,
            $plate->lpi,
            Lab::of(Srgb::fromHex($plate->job->garmentHex)),
            finestGapMm: $plate->finestGapMm,
            tones: $plate->tones(),
            depositUm: $plate->depositUm,
            divisor: $divisor,
            laying: $plate->laid(),
            angleDeg: $plate->lpi === null ? null : ($plate->angleDeg ?? Halftone::SAFE_ANGLE) - ($plate->frame->meshAngleDeg ?? 0.0),
        );
    }
}
