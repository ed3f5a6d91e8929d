<?php

declare(strict_types=1);

namespace Ektype\Core\Choice;

use Ektype\Core\Ink\Vehicle;
use Ektype\Core\Plate\Garment;
use Ektype\Core\Plate\PlateRole;
use Ektype\Core\Plate\Substrate;

/** The range of mesh that is usual for a plate, threads per inch (trade picks). */
final readonly class UsualRange
{
    /** Lines of this width and wider are bold, of this and thinner detail; between the two it goes over gradually, mm (heuristic). */
    private const BOLD_MM = 0.8;
    private const DETAIL_MM = 0.25;
    /** Up to this ruling the usual meshes for tone serve; from this one on the finest are wanted, lines per inch (heuristic). */
    private const COARSE_LPI = 55.0;
    private const FINE_LPI = 85.0;

    /** So many doublings outside the range nobody sees it in the print (heuristic). */
    private const NEAR = 0.25;

    private function __construct(public float $from, public float $to, public string $for)
    {
    }

    public static function of(MeshQuestion $q): self
    {
        $pigment = $q->ink->traits()->mesh();

        return match (true) {
            $pigment !== null => new self($pigment->from, $pigment->to, $pigment->says),
            $q->substrate === Substrate::Paper => $q->role === PlateRole::Colour
                ? new self(195, 305, 'paper with thin ink')
                : new self(155, 230, 'opaque white on paper'),
            $q->substrate === Substrate::Rigid => new self(255, 355, 'hard smooth surfaces and small type'),
            $q->role === PlateRole::Base && !Garment::isLight($q->garment) => $q->lpi === null
                ? self::between($q, new self(110, 160, 'a bold base on dark cloth'), new self(180, 230, 'a base under detail'))
                // It gives its ink whatever the colours over it are printed through.
                : new self(225, 235, 'a base under halftones'),
            $q->role === PlateRole::Highlight => self::between(
                $q,
                new self(160, 230, 'a highlight white'),
                new self(200, 255, 'a fine highlight'),
            ),
            $q->lpi !== null => self::tone($q->lpi),
            $q->ink->traits()->vehicle() === Vehicle::Water && $q->substrate->isSoft() => self::between(
                $q,
                new self(155, 230, 'water-based ink on soft cloth'),
                new self(200, 255, 'fine spot colour'),
            ),
            default => self::between(
                $q,
                new self(110, 165, 'bold spot colour on garments'),
                new self(200, 255, 'fine spot colour'),
            ),
        };
    }

    /** The finer the ruling, the finer the mesh: from the usual ones for tone to the finest, without a step. */
    private static function tone(float $lpi): self
    {
        $share = max(0.0, min(1.0, log($lpi / self::COARSE_LPI) / log(self::FINE_LPI / self::COARSE_LPI)));

        return self::mixed(new self(200, 305, 'tone on garments'), new self(355, 420, 'a very fine ruling'), $share);
    }

    /** Bold and detailed lines have ranges of their own; a line between the two lies between them. */
    private static function between(MeshQuestion $q, self $bold, self $detail): self
    {
        return self::mixed($bold, $detail, match (true) {
            $q->lpi !== null => 1.0,
            $q->finestLineMm === null => 0.0,
            default => max(0.0, min(1.0, log(self::BOLD_MM / $q->finestLineMm) / log(self::BOLD_MM / self::DETAIL_MM))),
        });
    }

    /** @param float $share of the second, 0–1 */
    private static function mixed(self $one, self $two, float $share): self
    {
        return new self(
            $one->from ** (1 - $share) * $two->from ** $share,
            $one->to ** (1 - $share) * $two->to ** $share,
            $share < 0.5 ? $one->for : $two->for,
        );
    }

    /** What the print pays for a count well outside the range; empty within it or near it. */
    public function inPrint(float $perInch): string
    {
        return match (true) {
            log($this->from / $perInch, 2) > self::NEAR => 'more ink and softer edges than is usual',
            log($perInch / $this->to, 2) > self::NEAR => 'less ink and cover than is usual',
            default => '',
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
