<?php

declare(strict_types=1);

namespace Ektype\Core\Screen;

/** What the trade says of the tension of a screen, N/cm. */
final class Tension
{
    /** Under this mesh is stretched anew. */
    public const RE_MESH_UNDER = 15.0;
    /** What a gauge can read of a stretched screen. */
    public const LEAST = 2.0;
    public const MOST = 60.0;
    /** Within a screen it differs by no more (heuristic). */
    public const EVEN = 2.0;
    /** Screens of a job differ by no more (heuristic). */
    public const LIKE = 3.0;
    /** Taken for a plate without a frame: the middle of workable (heuristic). */
    public const USUAL = 22.0;
    /** Places at which it is read: the corners and the middle. */
    public const PLACES = 5;
}
