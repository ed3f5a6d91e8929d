<?php

declare(strict_types=1);

namespace Ektype\Tests\App;

/** A screen, and what was read at the marks, know which picture they are of: the old one never goes to the press unseen. */
final class OldPictureTest extends ShopTestCase
{
    protected const BENCHES = ['art/bench', 'plates', 'screens', 'light', 'films'];

    public function testAScreenThatCarriesTheOldPictureIsMarkedUntilItIsMadeAgain(): void
    {
        [$id, $plate, $frame] = $this->burned();
        $strip = $this->strip($id, 1);
        self::assertSame(['ready', ''], [$strip['stages']['light'], $strip['mind']]);

        // Larger, and separated again: the screen still has the small picture.
        $this->ask('PATCH', "/api/jobs/$id/size", ['widthMm' => 66]);
        $this->ask('POST', "/api/jobs/$id/separate", null, 202);
        $this->work();
        $strip = $this->strip($id, 1);
        self::assertSame('out', $strip['stages']['light']);
        self::assertStringContainsString('carries the old picture', $strip['mind']);
        self::assertStringContainsString('reclaim it, coat and burn it again', $strip['mind']);
        self::assertTrue($this->plateOf($id, $plate)['stencilNow']['oldPicture']);
        self::assertStringContainsString('carries the old picture', $this->onPress($id, $plate)['mind']);
        $this->ask('POST', "/api/jobs/$id/films", null, 202);
        $this->work();
        self::assertStringContainsString('carries the old picture', $this->ask('GET', "/api/jobs/$id")['next']['sentence']);

        // Back to the size that it was burned with it is right again; undone it is wrong again.
        $this->ask('PATCH', "/api/jobs/$id/size", ['widthMm' => 60]);
        $this->ask('POST', "/api/jobs/$id/separate", null, 202);
        $this->work();
        self::assertSame(['ready', ''], [$this->strip($id, 1)['stages']['light'], $this->strip($id, 1)['mind']]);
        $this->undo($id);
        self::assertSame('out', $this->strip($id, 1)['stages']['light']);

        // Made again it carries what the films show.
        $this->ask('POST', "/api/frames/$frame/reclaim", ['came' => 'clean', 'again' => true]);
        $this->ask('POST', "/api/frames/$frame/coat", []);
        $this->ask('PATCH', "/api/plates/$plate", ['burnedSeconds' => $this->aim($id, $plate)]);
        self::assertSame('', $this->strip($id, 1)['mind']);
    }

    public function testAChangeThatLeavesThePictureLeavesTheScreen(): void
    {
        [$id] = $this->burned();
        foreach ([['quantity' => 250], ['name' => 'Another name'], ['garmentName' => 'dark navy']] as $change) {
            $this->tell($id, $change);
        }
        $this->ask('POST', "/api/jobs/$id/separate", null, 202);
        $this->work();
        self::assertSame('', $this->strip($id, 1)['mind'], 'separated again, the plates are the same to the pixel');
    }

    public function testReadingsOfTheOldPictureDoNotBringTheNewOneIntoRegister(): void
    {
        [$id, $plate] = $this->burned();
        $mark = $this->ask('GET', "/api/jobs/$id/press")['marks'][0];
        $this->ask('PATCH', "/api/plates/$plate", ['prints' => [['readings' => [
            ['mark' => $mark['name'], 'at' => ['xMm' => $mark['xMm'], 'yMm' => $mark['yMm']], 'off' => ['xMm' => 0.02, 'yMm' => 0.0]],
        ]]]]);
        self::assertSame('ready', $this->strip($id, 1)['stages']['press']);
        $this->ask('PATCH', "/api/jobs/$id/size", ['widthMm' => 64]);
        $this->ask('PATCH', "/api/jobs/$id/plan", ['chokeMm' => 0.3, 'trapMm' => 0.3]);
        $this->ask('POST', "/api/jobs/$id/separate", null, 202);
        $this->work();
        self::assertNotSame('ready', $this->strip($id, 1)['stages']['press']);
        self::assertNotSame('', $this->onPress($id, $plate)['mind']);
    }

    public function testABurnOnADampScreenTeachesNothing(): void
    {
        $id = $this->twoDotsOnFrames();
        $plate = $this->ask('GET', "/api/jobs/$id")['plates'][1];
        $other = $this->ask('GET', "/api/jobs/$id")['plates'][2]['id'];
        $this->ask('POST', '/api/frames/'.$plate['frameId'].'/coat', []);
        $before = $this->aim($id, $other, 'low');
        $this->ask('PATCH', '/api/plates/'.$plate['id'], ['burnedSeconds' => 20]);
        self::assertStringContainsString('burned while still damp', $this->plateOf($id, $plate['id'])['stencilNow']['mind']);
        self::assertStringContainsString('still damp', $this->ask('GET', '/api/frames/'.$plate['frameId'])['record'][0]['what']);
        $this->ask('PATCH', '/api/plates/'.$plate['id'], ['sinkCheck' => ['scum' => true, 'pinholes' => false, 'lostDots' => false, 'closedLines' => false, 'blur' => false]]);
        self::assertEqualsWithDelta($before, $this->aim($id, $other, 'low'), 1e-9, 'slime on a damp screen says nothing of the time');

        // Dry, the same look moves the times.
        $this->ask('PATCH', '/api/plates/'.$plate['id'], ['burnedSeconds' => 0]);
        $this->allDry();
        $this->ask('PATCH', '/api/plates/'.$plate['id'], ['burnedSeconds' => 29]);
        $this->ask('PATCH', '/api/plates/'.$plate['id'], ['sinkCheck' => ['scum' => true, 'pinholes' => false, 'lostDots' => false, 'closedLines' => false, 'blur' => false]]);
        self::assertGreaterThan($before, $this->aim($id, $other, 'low'));
    }

    public function testABurnThatNobodyLookedAtTeachesNothing(): void
    {
        [$id] = $this->burned();
        $other = $this->ask('GET', "/api/jobs/$id")['plates'][2]['id'];
        $times = [];
        foreach ([5, 20, 80] as $seconds) {
            $this->connection()->executeStatement("UPDATE stencil SET burned_seconds = $seconds WHERE burned_seconds IS NOT NULL AND gone_on IS NULL");
            $times[] = $this->aim($id, $other);
        }
        self::assertCount(1, array_unique($times));
    }

    /** @return array{int, int, int} job, its second plate burned on a dry screen, and that plate's frame */
    private function burned(): array
    {
        $id = $this->twoDotsOnFrames();
        $plate = $this->ask('GET', "/api/jobs/$id")['plates'][1];
        $this->ask('POST', '/api/frames/'.$plate['frameId'].'/coat', []);
        $this->allDry();
        $this->ask('PATCH', '/api/plates/'.$plate['id'], ['burnedSeconds' => $this->aim($id, $plate['id'])]);

        return [$id, $plate['id'], $plate['frameId']];
    }

    private function aim(int $job, int $plate, string $which = 'value'): float
    {
        return (float) array_column($this->ask('GET', "/api/jobs/$job/light")['plates'], null, 'id')[$plate]['light'][$which];
    }

    /** @return array<mixed> */
    private function strip(int $job, int $position): array
    {
        $this->browser->request('GET', "/api/jobs/$job");
        $head = json_decode((string) $this->browser->getResponse()->getContent(), true);
        self::assertIsArray($head);

        return $head['plates'][$position];
    }

    /** @return array<mixed> */
    private function plateOf(int $job, int $plate): array
    {
        return array_column($this->ask('GET', "/api/jobs/$job/light")['plates'], null, 'id')[$plate];
    }

    /** @return array<mixed> */
    private function onPress(int $job, int $plate): array
    {
        return array_column($this->ask('GET', "/api/jobs/$job/press")['plates'], null, 'id')[$plate];
    }
}
