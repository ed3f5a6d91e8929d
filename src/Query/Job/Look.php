<?php

declare(strict_types=1);

namespace Ektype\App\Query\Job;

/** The part of a stage where a step is done. */
enum Look: string
{
    case Frame = 'frame';
    case Stencil = 'stencil';
    case Burn = 'burn';
    case Sink = 'sink';
    case StrikeOff = 'strike-off';
    case SetUp = 'set-up';
    case Count = 'count';
    case Record = 'record';
}
