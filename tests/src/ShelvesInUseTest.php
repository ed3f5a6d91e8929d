<?php

declare(strict_types=1);

namespace Ektype\Tests\App;

use PHPUnit\Framework\Attributes\DataProvider;

/** What a job, a plate or a lesson rests on stays on its shelf; what nothing rests on goes, and comes back by one step back. */
final class ShelvesInUseTest extends ShopTestCase
{
    private const LISTS = [
        'inks' => 'inks', 'frames' => 'frames', 'lamps' => 'lamps', 'emulsions' => 'emulsions', 'presses' => 'presses',
        'printers' => 'filmPrinters',
    ];

    #[DataProvider('shelves')]
    public function testWhatIsInUseStaysAndSaysWhatUsesIt(string $shelf, string $says): void
    {
        $id = $this->twoDotsOnFrames();
        $one = $this->put($id, $shelf);
        $before = $this->ask('GET', '/api/shop');
        $refused = $this->ask('DELETE', "/api/shop/$shelf/$one", null, 422);
        self::assertStringContainsString($says, $refused['detail']);
        self::assertSame($before, $this->ask('GET', '/api/shop'), 'nothing of the shop has changed');
    }

    #[DataProvider('shelves')]
    public function testWhatNothingRestsOnGoesAndComesBack(string $shelf): void
    {
        $one = $this->free($shelf);
        $before = $this->ask('GET', '/api/shop')[self::LISTS[$shelf]];
        $left = $this->ask('DELETE', "/api/shop/$shelf/$one")[self::LISTS[$shelf]];
        self::assertSame(array_values(array_filter($before, static fn (array $on): bool => $on['id'] !== $one)), $left);
        $this->ask('POST', '/api/undo');
        $again = $this->ask('GET', '/api/shop')[self::LISTS[$shelf]];
        self::assertEqualsCanonicalizing($before, $again, 'one step back and it stands there as it was');
        $this->ask('DELETE', "/api/shop/$shelf/$one");
        $this->ask('DELETE', "/api/shop/$shelf/$one", null, 422);
    }

    /** @return iterable<string, array{string, string}> */
    public static function shelves(): iterable
    {
        yield 'an ink' => ['inks', 'still uses it'];
        yield 'a frame' => ['frames', 'still uses it'];
        yield 'a lamp' => ['lamps', '1 job rests on it, so it stays: give the job another first'];
        yield 'an emulsion' => ['emulsions', '1 job rests on it, so it stays: give the job another first'];
        yield 'a press' => ['presses', '1 job rests on it, so it stays: give the job another first'];
        yield 'a film printer' => ['printers', '1 job rests on it, so it stays: give the job another first'];
    }

    public function testAJobThatMovesOnFreesWhatItUsed(): void
    {
        $id = $this->twoDotsOnFrames();
        $press = $this->put($id, 'presses');
        $other = $this->ask('GET', '/api/shop')['presses'][0]['id'];
        self::assertNotSame($press, $other);
        $this->ask('PATCH', "/api/jobs/$id/tools", ['pressId' => $other]);
        $this->ask('DELETE', "/api/shop/presses/$press");
        self::assertStringContainsString('rests on it', $this->ask('DELETE', "/api/shop/presses/$other", null, 422)['detail']);
    }

    /** @return int one of the shelf that the job uses from now on */
    private function put(int $job, string $shelf): int
    {
        $plates = $this->ask('GET', "/api/jobs/$job")['plates'];
        if ($shelf === 'frames') {
            return $plates[1]['frame']['id'] ?? $plates[1]['frameId'];
        }
        $one = $this->free($shelf);
        if ($shelf === 'inks') {
            $this->ask('PATCH', '/api/plates/'.$plates[1]['id'], ['inkId' => $one]);
        } else {
            $this->tell($job, [['lamps' => 'lampId', 'emulsions' => 'emulsionId', 'presses' => 'pressId', 'printers' => 'filmPrinterId'][$shelf] => $one]);
        }

        return $one;
    }

    /** @return int a new one of the shelf, which nothing rests on */
    private function free(string $shelf): int
    {
        $list = $this->ask('POST', "/api/shop/$shelf", [
            'inks' => ['name' => 'Fog', 'hex' => '#c4c6c6', 'kind' => 'plastisol', 'hidingPct' => 90],
            'frames' => ['label' => 'Z1', 'threadsPerCm' => 62, 'threadUm' => 64, 'dyed' => false, 'insideWidthMm' => 400, 'insideHeightMm' => 500, 'tensionNPerCm' => 24],
            'lamps' => ['name' => 'Window', 'kind' => 'sun'],
            'emulsions' => ['name' => 'Red', 'kind' => 'diazo'],
            'presses' => ['name' => 'Bench', 'kind' => 'hinge', 'heads' => 2, 'platens' => 1, 'collarAtOperator' => false, 'centreFromEndMm' => 250, 'knobs' => []],
            'printers' => ['name' => 'Small laser', 'dpi' => 600, 'mediaWidthMm' => 210],
        ][$shelf], 201)[self::LISTS[$shelf]];

        return max(0, ...array_column($list, 'id'));
    }
}
