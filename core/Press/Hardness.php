<?php

declare(strict_types=1);

namespace Ektype\Core\Press;

/** The rubber of a squeegee, Shore A; three figures are a hard core between soft edges. */
enum Hardness: string
{
    case Soft = '60–65';
    case General = '70';
    case Hard = '75–80';
    case Cored = '70/90/70';
}
