<?php

declare(strict_types=1);

namespace Ektype\Core\Film;

use Ektype\Core\Unit\Point;

/**
 * How a film is laid out: the print in the middle, its marks outside the print, the label under it. All films of a
 * job have the same sheet, so marks lie at the same place on each.
 *
 * @phpstan-type Rectangle array{float, float, float, float}
 */
final readonly class FilmSheet
{
    /** Clear film beside the print, mm: room for the marks at the corners. */
    private const MARGIN_MM = 20.0;
    /** From the edge of the print to the centre of a mark, mm. */
    private const MARK_OFF_MM = 8.0;
    /** From so many plates on, marks stand at the corners too. */
    private const CORNERS_FROM_PLATES = 3;

    /** Left and right of the print. */
    public int $marginPx;
    /** Above and below it, where the film is fed: marks keep off the feed edges. */
    public int $feedMarginPx;
    public int $widthPx;
    public int $heightPx;
    /** Whether the step wedge was asked for and there is room for it. */
    public bool $stepWedge;

    public function __construct(
        public int $artWidthPx,
        public int $artHeightPx,
        public float $dpi,
        public int $plates,
        float $feedMarginMm = FilmPrinter::FEED_MARGIN_MM,
        bool $stepWedge = false,
    ) {
        $whole = static fn (float $mm): int => 8 * (int) ceil($mm / 25.4 * $dpi / 8);
        $this->marginPx = $whole(self::MARGIN_MM);
        $this->feedMarginPx = $whole(max(self::MARGIN_MM, $feedMarginMm + self::MARK_OFF_MM + RegistrationMark::ARM_MM));
        $this->widthPx = $artWidthPx + 2 * $this->marginPx;
        $this->heightPx = $artHeightPx + 2 * $this->feedMarginPx;
        $this->stepWedge = $stepWedge && $this->mm($artWidthPx) / 2 > StepWedge::WIDTH_MM + RegistrationMark::ARM_MM + 2;
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
     * The black square beside the top mark; null where the print is too narrow for it.
     *
     * @return Rectangle|null x, y, width, height, mm from the film's top left corner
     */
    public function flag(): ?array
    {
        if ($this->mm($this->artWidthPx) / 2 + self::MARK_OFF_MM - RegistrationMark::ARM_MM < Flag::OFF_MM + Flag::SIDE_MM) {
            return null;
        }
        $top = $this->onFilm(0.0, $this->mm($this->artHeightPx) / 2 + self::MARK_OFF_MM);

        return [$top->xMm + Flag::OFF_MM - Flag::SIDE_MM / 2, $top->yMm - Flag::SIDE_MM / 2, Flag::SIDE_MM, Flag::SIDE_MM];
    }

    /** @return list<Rectangle> all rectangles of black beside the print: the flag and the wedge */
    public function blacks(): array
    {
        $flag = $this->flag();

        return [...($flag === null ? [] : [$flag]), ...$this->wedge()];
    }

    /**
     * Where a point of the print lies on the film.
     *
     * @return Point from the film's top left corner, right and down
     */
    public function onFilm(float $xMm, float $yMm): Point
    {
        return new Point($this->mm($this->widthPx) / 2 + $xMm, $this->mm($this->heightPx) / 2 - $yMm);
    }

    /**
     * All that is black of the step wedge, on the film; nothing where there is none.
     *
     * @return list<Rectangle> x, y, width, height, mm from the film's top left corner
     */
    public function wedge(): array
    {
        if (!$this->stepWedge) {
            return [];
        }
        $left = $this->mm($this->marginPx);
        $top = $this->mm($this->feedMarginPx + $this->artHeightPx) + self::MARK_OFF_MM - StepWedge::HEIGHT_MM / 2;

        return array_map(static fn (array $b): array => [$left + $b[0], $top + $b[1], $b[2], $b[3]], StepWedge::blacks());
    }
}
