<?php

declare(strict_types=1);

namespace Ektype\Tests\Core\StrikeOff;

use Ektype\Core\Registration\Reading;
use Ektype\Core\StrikeOff\AgainstKey;
use Ektype\Core\StrikeOff\StrikeOffRead;
use Ektype\Core\StrikeOff\TargetRead;
use Ektype\Core\Unit\Point;
use PHPUnit\Framework\TestCase;

/** Three plates that lie at known places: whichever is the key, the differences are the same. */
final class AgainstKeyTest extends TestCase
{
    public function testWhateverIsTheKeyPlatesLieAsFarApart(): void
    {
        $lie = [1 => [[0.30, -0.10], [0.32, -0.12], [0.28, -0.08]], 2 => [[-0.20, 0.40], [-0.22, 0.38], null]];
        $targets = [];
        foreach ($lie as $plate => $corners) {
            foreach ($corners as $c => $off) {
                $targets[] = new TargetRead("corner $c", $plate, new Point(100.0 * $c, 50.0 + $plate), $off === null ? null : new Point(...$off), $off === null ? null : 0.01, '');
            }
        }
        $read = new StrikeOffRead($targets, 0.0, false, 100.0, []);
        $off = static fn (int $plate, int $key): array => array_map(static fn (Reading $r): array => [$r->mark, round($r->offXMm, 9), round($r->offYMm, 9)], AgainstKey::of($read, $plate, $key));
        self::assertSame([['corner 0', 0.3, -0.1], ['corner 1', 0.32, -0.12], ['corner 2', 0.28, -0.08]], $off(1, 0));
        self::assertSame([['corner 0', -0.3, 0.1], ['corner 1', -0.32, 0.12], ['corner 2', -0.28, 0.08]], $off(0, 1));
        self::assertSame([['corner 0', -0.5, 0.5], ['corner 1', -0.54, 0.5]], $off(2, 1), 'where both were read');
        self::assertSame([['corner 0', 0.5, -0.5], ['corner 1', 0.54, -0.5]], $off(1, 2));
    }
}
