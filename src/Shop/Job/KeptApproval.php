<?php

declare(strict_types=1);

namespace Ektype\App\Shop\Job;

use Ektype\App\Plan\Codec;
use Ektype\App\Shop\Kept;
use Ektype\Core\StrikeOff\Approval;
use Ektype\Core\StrikeOff\Judgement;

/** The judgement of a strike-off as the shop stores it. */
final class KeptApproval
{
    /** @param array<string, mixed> $stored */
    public static function read(array $stored): Approval
    {
        $kept = Kept::of($stored);

        return new Approval($kept->text('by'), $kept->text('day'), Codec::readAll(Judgement::class, $kept->lists('judgements')), ($stored['picture'] ?? '') !== '' ? $kept->text('picture') : '');
    }

    /** @return array<string, mixed> */
    public static function written(Approval $approval): array
    {
        return ['by' => $approval->by, 'day' => $approval->day, 'picture' => $approval->picture, 'judgements' => array_map(Codec::written(...), $approval->judgements)];
    }
}
