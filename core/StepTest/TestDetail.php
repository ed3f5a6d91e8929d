<?php

declare(strict_types=1);

namespace Ektype\Core\StepTest;

/** What the test film has in every strip, in steps of size. */
enum TestDetail: string
{
    /** A line of stencil between two open bars: clear on the film. Lost when under. */
    case PositiveLine = 'positive line';
    /** A line that is open: black on the film. Closed when over. */
    case ReverseLine = 'reverse line';
    /** An island of stencil. */
    case Dot = 'dot';
    case Hole = 'hole';

    /** Whether it is stencil that must stay, not an opening. */
    public function isStencil(): bool
    {
        return $this === self::PositiveLine || $this === self::Dot;
    }

    /** @return list<float> mm, finest first */
    public function sizes(): array
    {
        return $this === self::PositiveLine || $this === self::ReverseLine ? TestFilm::LINES_MM : TestFilm::DOTS_MM;
    }

    public function isLine(): bool
    {
        return $this === self::PositiveLine || $this === self::ReverseLine;
    }
}
