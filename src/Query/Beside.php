<?php

declare(strict_types=1);

namespace Ektype\App\Query;

/** What a part holds lies beside the other fields of the whole in an answer. */
#[\Attribute(\Attribute::TARGET_PROPERTY | \Attribute::TARGET_PARAMETER)]
final class Beside
{
}
