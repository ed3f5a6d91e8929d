<?php

declare(strict_types=1);

namespace Ektype\Core\Mix;

/** What lies under many inks. */
enum BaseWay: string
{
    case White = 'white';
    case Grey = 'grey';
    case None = 'none';
}
