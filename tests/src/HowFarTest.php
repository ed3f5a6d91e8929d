<?php

declare(strict_types=1);

namespace Ektype\Tests\App;

use Ektype\App\Work\Long\HowFar;

/** A page that waits is told how far its work is, and nobody else. */
final class HowFarTest extends ShopTestCase
{
    public function testThePageThatWaitsIsToldAndAfterItNothingIsLeft(): void
    {
        $far = $this->service(HowFar::class);
        $seen = $far->while('test page', function (\Closure $told): array {
            $told('Half of it', 0.5);

            return [$this->ask('GET', '/api/far'), $this->service(HowFar::class)->of('another page')];
        });
        self::assertEquals([['step' => 'Half of it', 'share' => 0.5], ['', 0.0]], $seen);
        self::assertEquals(['step' => '', 'share' => 0], $this->ask('GET', '/api/far'));
        try {
            $far->while('test page', static function (\Closure $told): never {
                $told('Broken off', 0.2);
                throw new \RuntimeException('broken');
            });
        } catch (\RuntimeException) {
        }
        self::assertSame('', $this->ask('GET', '/api/far')['step'], 'work that broke off is not waited for');
    }
}
