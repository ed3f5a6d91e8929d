<?php

declare(strict_types=1);

namespace Ektype\App\Query\Art;

use Ektype\App\Plan\PlanField;
use Ektype\App\Plan\ShownPlan;
use Ektype\App\Query\Pictures\InkedPart;
use Ektype\Core\Art\ArtFraming;
use Ektype\Core\Separation\MethodName;
use Ektype\Core\Separation\Positive;
use Ektype\Core\Separation\StrayShade;
use Ektype\Core\Unit\Figure;

/** The picture as it was brought, what was found in it, and what was decided. */
final readonly class ArtBench
{
    /**
     * @param float               $artPpi      pixels per inch of print; 0 for a drawing
     * @param string              $kindFound   flat, line or tonal; empty until separated
     * @param list<PaletteColour> $palette
     * @param list<StrayShade>    $strays
     * @param list<string>        $warnings
     * @param list<Positive>      $positives   plates drawn by hand
     * @param ShownPlan           $plan        by which it is separated
     * @param list<float>         $curve       of a picture in tones, L* wished for each 2 of L*, from 0 to 100: levels and bend together
     * @param Figure|null         $gain        of the press at half tone; null without tones
     * @param string              $filmMind    why films of this size cannot be made, and the largest that can; empty where they can
     * @param string              $patternsSay of dots with the meshes of the plates; empty where there are none yet
     * @param list<PlanField>     $fields      what can be chosen in the plan
     * @param InkedPart|null      $inked       the part of the print that carries ink; null where its plates are not drawn
     */
    public function __construct(
        public string $artName,
        public string $artKind,
        public int $artWidthPx,
        public int $artHeightPx,
        public float $artPpi,
        public ArtFraming $framing,
        public Figure $trap,
        public bool $groundLeftOpen,
        public string $kindFound,
        public string $kindWhy,
        public array $palette,
        public array $strays,
        public array $warnings,
        public array $positives,
        public MethodName $method,
        public ShownPlan $plan,
        public MethodSays $says,
        public array $fields,
        public array $curve,
        public ?Figure $gain,
        public ?InkedPart $inked,
        public string $filmMind,
        public string $patternsSay,
    ) {
    }
}
