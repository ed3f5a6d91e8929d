<?php

declare(strict_types=1);

namespace Ektype\Core\Darkroom;

/** Minutes that hands need for a screen (heuristic). */
final class Handling
{
    public const COAT = 6.0;
    /** Placing film and screen, beside the light itself. */
    public const BURN = 2.0;
    public const WASH = 8.0;
    public const TAPE = 4.0;
    /** Water leaves faster than emulsion dries through: share of the time that the coat took. */
    public const REDRY_SHARE = 0.4;
    /** A job without a due date counts as due in so many days. */
    public const USUAL_DUE_DAYS = 14;
    /** Times taken where nothing is known: a coat’s drying in minutes, light in seconds. */
    public const USUAL_DRY_MIN = 120.0;
    public const USUAL_LIGHT_S = 60.0;
}
