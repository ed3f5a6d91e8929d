<?php

declare(strict_types=1);

namespace Ektype\Core\Plate;

/** What is usually printed on, and where. */
final class UsualGarments
{
    public const GARMENTS = ['tees', 'totes', 'sheets', 'panels'];
    public const PLACES = ['front', 'back', 'left chest', 'sleeve', 'face'];
}
