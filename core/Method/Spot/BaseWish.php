<?php

declare(strict_types=1);

namespace Ektype\Core\Method\Spot;

/** Which colours stand on a base. */
enum BaseWish: string
{
    case ByGarment = 'as the garment asks';
    case All = 'under all';
    case None = 'none';
}
