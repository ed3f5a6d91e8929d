<?php

declare(strict_types=1);

namespace Ektype\Tests\App;

use Ektype\App\Shop\Change\Changes;
use Random\Engine\Mt19937;
use Random\Randomizer;

/** Whatever hands do to a frame can be taken back, step by step, to where it stood. */
final class FrameDiaryTest extends ShopTestCase
{
    public function testEveryStepIsTakenBackToWhereTheFrameStood(): void
    {
        $random = new Randomizer(new Mt19937(12));
        $did = [];
        foreach ([1, 9, 26] as $frame) {
            $stood = [$this->stands($frame)];
            for ($step = 0; $step < 14; ++$step) {
                $kept = $this->kept();
                [$verb, $path, $body] = $this->something($random, $frame);
                $this->browser->request(
                    $verb,
                    "/api/frames/$frame$path",
                    [],
                    [],
                    ['CONTENT_TYPE' => 'application/json'],
                    (string) json_encode($body),
                );
                $status = $this->browser->getResponse()->getStatusCode();
                self::assertContains($status, [200, 201, 422], $path.' '.json_encode($body));
                if ($status === 422) {
                    self::assertSame($stood[\count($stood) - 1], $this->stands($frame), 'a refusal changes nothing');
                    continue;
                }
                if ($this->kept() !== $kept) {
                    // What was already so changes nothing, and there is nothing of it to take back.
                    $did[$path] = ($did[$path] ?? 0) + 1;
                    $stood[] = $this->stands($frame);
                }
            }
            for ($back = \count($stood) - 2; $back >= 0; --$back) {
                $this->ask('POST', '/api/undo');
                self::assertSame($stood[$back], $this->stands($frame), "frame $frame, back to step $back");
            }
        }
        self::assertGreaterThanOrEqual(4, \count($did), 'coated, reclaimed, stretched, read: '.json_encode($did));
    }

    public function testWhatWasDoneBeforeIsNotUndoneWithoutEnd(): void
    {
        $new = array_values(
            array_filter(
                $this->ask(
                    'POST',
                    '/api/shop/frames',
                    [
                        'label' => 'N1',
                        'threadsPerCm' => 77,
                        'threadUm' => 55,
                        'insideWidthMm' => 460,
                        'insideHeightMm' => 560,
                        'tensionNPerCm' => 22,
                    ],
                    201,
                )['frames'],
                static fn (array $f): bool => $f['label'] === 'N1',
            ),
        )[0]['id'];
        $this->ask('PATCH', "/api/frames/$new", ['rackPlace' => 'Z9']);
        self::assertSame('Z9', $this->ask('GET', "/api/frames/$new")['frame']['rackPlace']);
        self::assertSame('Frame N1: stands at Z9', $this->ask('GET', '/api/undo')['undoes']);
        $this->ask('POST', '/api/undo');
        self::assertSame('', $this->ask('GET', "/api/frames/$new")['frame']['rackPlace']);
        self::assertSame('Frame N1', $this->ask('POST', '/api/undo')['what'], 'then the frame itself');
        $this->ask('GET', "/api/frames/$new", null, 404);
        self::assertStringContainsString('nothing to undo', $this->ask('POST', '/api/undo', null, 422)['detail']);
    }

    private function kept(): int
    {
        $changes = self::getContainer()->get(Changes::class);
        self::assertInstanceOf(Changes::class, $changes);

        return $changes->lastBy('test page')->id ?? 0;
    }

    /** @return array{string, string, array<string, mixed>} verb, path, body */
    private function something(Randomizer $random, int $frame): array
    {
        return match ($random->getInt(0, 6)) {
            0 => ['POST', '/coat', ['printCoats' => $random->getInt(0, 3), 'squeegeeCoats' => $random->getInt(0, 2)]],
            1 => ['POST', '/reclaim', ['came' => ['clean', 'stained', 'locked', 'torn'][$random->getInt(0, 3)]]],
            2 => [
                'POST',
                '/stretch',
                [
                    'threadsPerCm' => [77, 90, 120][$random->getInt(0, 2)],
                    'threadUm' => [55, 48, 34][$random->getInt(0, 2)],
                    'tensionNPerCm' => $random->getInt(10, 62),
                ],
            ],
            3 => [
                'POST',
                '/tension',
                ['along' => array_fill(0, 5, $random->getInt(14, 30)), 'across' => array_fill(0, 5, $random->getInt(14, 30))],
            ],
            4 => ['PATCH', '', ['state' => ['bare', 'to reclaim', 'on press', 'to stretch'][$random->getInt(0, 3)]]],
            5 => ['PATCH', '', ['meshAngleDeg' => $random->getInt(-50, 50), 'rackPlace' => 'P'.$random->getInt(1, 9)]],
            default => ['PATCH', '', ['outsideWidthMm' => $random->getInt(400, 700)]],
        };
    }

    /** @return array<mixed> the frame as anybody sees it, its record aside */
    private function stands(int $frame): array
    {
        $seen = $this->ask('GET', "/api/frames/$frame");
        unset($seen['record']);
        if ($seen['stencil'] !== null) {
            // It dries on while we look.
            unset($seen['stencil']['dampForMin'], $seen['stencil']['mind']);
        }

        return $seen;
    }
}
