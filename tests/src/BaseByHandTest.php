<?php

declare(strict_types=1);

namespace Ektype\Tests\App;

use PHPUnit\Framework\Attributes\Group;

/** The base is put under colours, or taken away from under them, by hand. */
final class BaseByHandTest extends ShopTestCase
{
    protected const BENCHES = ['art/bench'];

    #[Group('long')]
    public function testNoBaseUnderAllAndAsTheGarmentAsks(): void
    {
        $id = $this->twoDotsSeparated();
        self::assertContains('base', $this->roles($id), 'light ink on navy asks for a base');
        $job = $this->ask('PATCH', "/api/jobs/$id/colours", ['base' => 'none']);
        self::assertFalse($job['separationCurrent'], 'the plates are to be drawn anew');
        self::assertSame([false], array_values(array_unique(array_column(self::printed($job), 'onBase'))));
        self::assertNotContains('base', $this->roles($id));
        $this->ask('PATCH', "/api/jobs/$id/colours", ['base' => 'under all']);
        self::assertContains('base', $this->roles($id));
        $job = $this->ask('PATCH', "/api/jobs/$id/colours", ['base' => 'as the garment asks']);
        self::assertSame([false], array_values(array_unique(array_column($job['palette'], 'baseByHand'))));
    }

    public function testOneColourIsTakenOffTheBase(): void
    {
        $id = $this->twoDotsSeparated();
        $before = $this->area($id);
        $rust = array_values(array_filter($this->ask('GET', "/api/jobs/$id")['palette'], static fn (array $c): bool => $c['hex'] === '#b84a30'))[0];
        $this->ask('PATCH', "/api/jobs/$id/colours", ['onBase' => ['hex' => '#b84a30', 'on' => !$rust['onBase']]]);
        $this->roles($id);
        self::assertNotEqualsWithDelta($before, $this->area($id), 1.0, 'the base has changed by about the 4.48 cm² of the rust bar');
    }

    /** @return list<string> of the plates, drawn anew */
    private function roles(int $id): array
    {
        if ($this->ask('GET', "/api/jobs/$id")['separationCurrent'] !== true) {
            $this->ask('POST', "/api/jobs/$id/separate", null, 202);
            $this->work();
        }

        return array_map(strval(...), array_column($this->ask('GET', "/api/jobs/$id")['plates'], 'role'));
    }

    private function area(int $id): float
    {
        return (float) array_sum(array_map(static fn (array $p): float => $p['role'] === 'base' ? (float) $p['areaCm2'] : 0.0, $this->ask('GET', "/api/jobs/$id")['plates']));
    }

    /**
     * @param array<mixed> $job
     *
     * @return list<array<mixed>>
     */
    private static function printed(array $job): array
    {
        return array_values(array_filter($job['palette'], static fn (array $c): bool => !$c['leftOpen']));
    }
}
