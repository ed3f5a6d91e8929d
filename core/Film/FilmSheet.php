<?php

declare(strict_types=1);

namespace Ektype\Core\Film;

/**
 * How a film is laid out: the print in the middle, its marks outside the print, the label under it. All films of a
 * job have the same sheet, so marks lie at the same place on each.
 */
final readonly class FilmSheet
{
    /** Clear film round the print, mm: keeps off the feed edge of 12 mm (heuristic) and leaves room for the marks. */
    private const MARGIN_MM = 20.0;
    /** From the edge of the print to the centre of a mark, mm. */
    private const MARK_OFF_MM = 8.0;
    /** From so many plates on, marks stand at the corners too. */
    private const CORNERS_FROM_PLATES = 3;

    public int $marginPx;
    public int $widthPx;
    public int $heightPx;

    public function __construct(public int $artWidthPx, public int $artHeightPx, public float $dpi, public int $plates)
    {
        $this->marginPx = 8 * (int) ceil(self::MARGIN_MM / 25.4 * $dpi / 8);
        $this->widthPx = $artWidthPx + 2 * $this->marginPx;
        $this->heightPx = $artHeightPx + 2 * $this->marginPx;
    }

    public function mm(float $pixels): float
    {
        return $pixels * 25.4 / $this->dpi;
    }

    /** @return list<RegistrationMark> */
    public function marks(): array
    {
        $x = $this->mm($this->artWidthPx) / 2 + self::MARK_OFF_MM;
        $y = $this->mm($this->artHeightPx) / 2 + self::MARK_OFF_MM;
        $marks = [new RegistrationMark('top', 0.0, $y), new RegistrationMark('bottom', 0.0, -$y)];
        if ($this->plates >= self::CORNERS_FROM_PLATES) {
            $marks[] = new RegistrationMark('top left', -$x, $y);
            $marks[] = new RegistrationMark('top right', $x, $y);
            $marks[] = new RegistrationMark('bottom left', -$x, -$y);
            $marks[] = new RegistrationMark('bottom right', $x, -$y);
        }

        return $marks;
    }

    /**
     * Where a point of the print lies on the film.
     *
     * @return array{float, float} mm from the film's top left corner, right and down
     */
    public function onFilm(float $xMm, float $yMm): array
    {
        return [$this->mm($this->widthPx) / 2 + $xMm, $this->mm($this->heightPx) / 2 - $yMm];
    }
}
