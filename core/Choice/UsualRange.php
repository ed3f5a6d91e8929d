<?php

declare(strict_types=1);

namespace Ektype\Core\Choice;

use Ektype\Core\Plate\Garment;
use Ektype\Core\Plate\PlateRole;
use Ektype\Core\Plate\Substrate;

/** The range of mesh that is usual for a plate, threads per inch (trade picks). */
final readonly class UsualRange
{
    /** Lines up to this width count as detail, mm (heuristic). */
    private const DETAIL_MM = 0.5;

    private function __construct(public float $from, public float $to, public string $for)
    {
    }

    public static function of(MeshQuestion $q): self
    {
        $detailed = $q->lpi !== null || ($q->finestLineMm !== null && $q->finestLineMm <= self::DETAIL_MM);

        return match (true) {
            $q->ink->isCoarse() => new self(25, 86, $q->ink->value.' ink with its coarse pigment'),
            $q->substrate === Substrate::Paper => new self(195, 305, 'paper with thin ink'),
            $q->substrate === Substrate::Rigid => new self(255, 355, 'hard smooth surfaces and small type'),
            $q->role === PlateRole::Base && !Garment::isLight($q->garment) => $detailed
                ? new self(180, 230, 'a base under detail or tone')
                : new self(110, 160, 'a bold base on dark cloth'),
            $q->role === PlateRole::Highlight => $detailed ? new self(
                200,
                255,
                'a fine highlight',
            ) : new self(160, 230, 'a highlight white'),
            $q->lpi !== null => new self(200, 305, 'tone on garments'),
            $detailed => new self(200, 255, 'fine spot colour'),
            default => new self(110, 165, 'bold spot colour on garments'),
        };
    }

    /** Distance from the middle of the range, in doublings of the count; outside the range it counts four times. */
    public function cost(float $perInch): float
    {
        $cost = abs(log($perInch / sqrt($this->from * $this->to), 2));
        if ($perInch < $this->from || $perInch > $this->to) {
            $cost += 3 * abs(log($perInch < $this->from ? $this->from / $perInch : $perInch / $this->to, 2));
        }

        return $cost;
    }

    public function says(float $perInch): string
    {
        return match (true) {
            $perInch < $this->from => \sprintf(
                'coarser than the %.0f to %.0f per inch usual for %s: more ink, softer edges',
                $this->from,
                $this->to,
                $this->for,
            ),
            $perInch > $this->to => \sprintf(
                'finer than the %.0f to %.0f per inch usual for %s: less ink and cover',
                $this->from,
                $this->to,
                $this->for,
            ),
            default => \sprintf('within the %.0f to %.0f per inch usual for %s', $this->from, $this->to, $this->for),
        };
    }
}
