<?php

declare(strict_types=1);

namespace Ektype\App\Api\Sheets;

/** What a row of a brought table becomes. */
enum RowBecomes: string
{
    case Fresh = 'new';
    case Changed = 'changed';
    case Same = 'as it is';
    case Bad = 'not taken';
}
