<?php

declare(strict_types=1);

namespace Ektype\Tests\App;

/** Two pages on one job: nobody writes unseen over what the other has just set; what they set apart from each other stands. */
final class TwoPagesTest extends ShopTestCase
{
    private int $id;
    private int $seen;

    protected function setUp(): void
    {
        parent::setUp();
        $this->id = $this->twoDotsSeparated();
        $this->seen = $this->job()['turn'];
        // The other page is quicker.
        $this->from('other page', null, 'PATCH', "/api/jobs/{$this->id}", ['widthMm' => 80]);
    }

    public function testWhatAnotherPageHasSetIsNotSetAgainUnseen(): void
    {
        $refused = $this->from('this page', $this->seen, 'PATCH', "/api/jobs/{$this->id}", ['widthMm' => 55], 422);
        self::assertStringContainsString('Another page has changed the same in the meantime', $refused['detail']);
        self::assertStringContainsString('give it again', $refused['detail']);
        self::assertSame(80.0, $this->job()['widthMm']);
        // Having looked, it may.
        $this->from('this page', $this->job()['turn'], 'PATCH', "/api/jobs/{$this->id}", ['widthMm' => 55]);
        self::assertSame(55.0, $this->job()['widthMm']);
    }

    public function testARefusedChangeLeavesNothingOfItBehind(): void
    {
        $this->from('this page', $this->seen, 'PATCH', "/api/jobs/{$this->id}", ['name' => 'Moth', 'widthMm' => 55], 422);
        self::assertNotSame('Moth', $this->job()['name'], 'all of it or none');
        self::assertSame('', $this->hand('this page')['undoes']);
    }

    /** A job that was thrown away cannot come back with a frame that is another's since. */
    public function testAFrameIsNeverGivenBackToTwo(): void
    {
        $this->ask('POST', "/api/jobs/{$this->id}/frames");
        $frame = $this->job()['plates'][0]['frameId'];
        $this->from('this page', null, 'DELETE', "/api/jobs/{$this->id}");
        $other = $this->bring(self::twoDots())['id'];
        $this->work();
        $plate = $this->ask('GET', "/api/jobs/$other")['plates'][0]['id'];
        $this->from('other page', null, 'PATCH', "/api/plates/$plate", ['frameId' => $frame]);
        $refused = $this->from('this page', null, 'POST', '/api/undo', [], 422);
        self::assertStringContainsString('another', $refused['detail']);
        self::assertSame($frame, $this->ask('GET', "/api/jobs/$other")['plates'][0]['frameId']);
    }

    public function testOtherValuesOfTheSameJobAreSetByBoth(): void
    {
        $this->from('this page', $this->seen, 'PATCH', "/api/jobs/{$this->id}", ['name' => 'Moth', 'toleranceMm' => 0.3]);
        $job = $this->job();
        self::assertSame(['Moth', 80.0, 0.3], [$job['name'], $job['widthMm'], $job['toleranceMm']]);
    }

    public function testItsOwnChangesNeverStandInAPagesWay(): void
    {
        foreach ([70, 75, 77] as $width) {
            $this->from('other page', $this->seen, 'PATCH', "/api/jobs/{$this->id}", ['widthMm' => $width]);
        }
        self::assertSame(77.0, $this->job()['widthMm']);
    }

    public function testWhatTheOtherTookBackStandsInNobodysWay(): void
    {
        $this->from('other page', null, 'POST', '/api/undo');
        $this->from('this page', $this->seen, 'PATCH', "/api/jobs/{$this->id}", ['widthMm' => 55]);
        self::assertSame(55.0, $this->job()['widthMm']);
    }

    public function testOneFrameIsNotTakenFromThePlateThatJustGotIt(): void
    {
        $plate = $this->job()['plates'][1]['id'];
        $seen = $this->job()['turn'];
        [$one, $two] = \array_slice(array_column($this->ask('GET', '/api/shop')['frames'], 'id'), 5, 2);
        $this->from('other page', $seen, 'PATCH', "/api/plates/$plate", ['frameId' => $one]);
        $this->from('this page', $seen, 'PATCH', "/api/plates/$plate", ['frameId' => $two], 422);
        $this->from('this page', null, 'PATCH', "/api/plates/$plate", ['frameId' => $two]);
    }

    /** What is kept as a plan grows under the lock: two decisions on two colours are both kept, however stale the pages. */
    public function testTwoDecisionsOnColoursAreBothKept(): void
    {
        $hexes = array_column(\array_slice($this->job()['plates'], 1), 'artHex');
        $this->from('other page', $this->seen, 'PATCH', "/api/jobs/{$this->id}", ['overprint' => ['hex' => $hexes[0], 'on' => true]]);
        $this->from('this page', $this->seen, 'PATCH', "/api/jobs/{$this->id}", ['thicken' => ['hex' => $hexes[1], 'mm' => 0.2]]);
    }

    public function testASeenThatIsNoNumberIsNotAsked(): void
    {
        foreach (['-1', '1e3', 'all', str_repeat('9', 40)] as $i => $seen) {
            $this->from('this page', $seen, 'PATCH', "/api/jobs/{$this->id}", ['widthMm' => 50 + $i]);
        }
        self::assertSame(53.0, $this->job()['widthMm']);
    }

    /** @return array<mixed> */
    private function from(string $page, int|string|null $seen, string $method, string $path, mixed $body = null, int $expect = 200): array
    {
        $this->browser->setServerParameter('HTTP_X_PAGE', $page);
        $this->browser->setServerParameter('HTTP_X_SEEN', (string) $seen);
        try {
            return $this->ask($method, $path, $body, $expect);
        } finally {
            $this->browser->setServerParameter('HTTP_X_SEEN', '');
        }
    }

    /** @return array<mixed> */
    private function job(): array
    {
        return $this->ask('GET', "/api/jobs/{$this->id}");
    }

    /** @return array<mixed> */
    private function hand(string $page): array
    {
        return $this->from($page, null, 'GET', '/api/undo');
    }
}
