<?php

declare(strict_types=1);

namespace Ektype\Core\Mesh;

use Ektype\Core\Colour\Lab;
use Ektype\Core\Separation\PlateRole;
use Ektype\Core\Unit\Refusal;

/** What a plate asks of its mesh. */
final readonly class MeshQuestion
{
    /**
     * @param string                   $substrate    one of {@see MeshSuggestion::SUBSTRATES}
     * @param string                   $ink          one of {@see MeshSuggestion::INKS}
     * @param float|null               $finestLineMm thinnest printed line; null where all lines are bold
     * @param float|null               $lpi          halftone ruling in lines per inch; null for solid plates
     * @param float|null               $finestGapMm  thinnest gap between printed parts; null where all gaps are wide
     * @param array{float, float}|null $tones        lightest and darkest tone, 0–1; null where it has none
     * @param float|null               $depositUm    wet ink wanted, µm; null leaves it to the usual range
     * @param float                    $divisor      school: lines per inch times this is the coarsest mesh per inch
     *
     * @throws Refusal where the tones cannot be
     */
    public function __construct(
        public PlateRole $role,
        public string $substrate,
        public string $ink,
        public ?float $finestLineMm,
        public ?float $lpi,
        public Lab $garment,
        public ?float $finestGapMm = null,
        public ?array $tones = null,
        public ?float $depositUm = null,
        public float $divisor = MeshSuggestion::RULING_DIVISOR,
    ) {
        if ($tones !== null && ($tones[0] < 0 || $tones[1] > 1 || $tones[0] > $tones[1])) {
            throw Refusal::at('tones', 'Tones run from 0 to 1, the lightest first. Check both.');
        }
    }
}
