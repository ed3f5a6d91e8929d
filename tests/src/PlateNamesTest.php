<?php

declare(strict_types=1);

namespace Ektype\Tests\App;

/** A plate is called by the ink that it prints, wherever it is named; a name given by hand stays. */
final class PlateNamesTest extends ShopTestCase
{
    protected const BENCHES = ['plates'];

    public function testAPlateIsCalledByTheInkThatIsChosenForIt(): void
    {
        [$id, $plate] = $this->rust();
        self::assertSame('Harbour rust', $plate['name']);
        $ink = $this->ink('Signal red');
        self::assertSame('Signal red', $this->chosen($id, $plate['id'], $ink)['name']);
        $budget = $this->ask('GET', "/api/jobs/$id")['budget'];
        foreach ($budget as $pair) {
            self::assertNotContains('Harbour rust', [$pair['one'], $pair['two']], 'neighbours are told by the names that plates have now');
        }
        // The shelf calls it otherwise: the plate follows, and so does its film.
        $this->ask('PUT', '/api/shop/inks/'.$ink['id'], ['name' => 'Lighthouse red', 'hex' => $ink['hex'], 'kind' => $ink['kind'], 'hidingPct' => $ink['hidingPct']]);
        self::assertSame('Lighthouse red', array_column($this->ask('GET', "/api/jobs/$id")['plates'], 'name', 'id')[$plate['id']]);
        $this->ask('POST', '/api/undo');
        self::assertSame('Signal red', array_column($this->ask('GET', "/api/jobs/$id")['plates'], 'name', 'id')[$plate['id']]);
    }

    public function testANameThatWasGivenByHandStays(): void
    {
        [$id, $plate] = $this->rust();
        $this->ask('PATCH', '/api/plates/'.$plate['id'], ['name' => 'The roof']);
        self::assertSame('The roof', $this->chosen($id, $plate['id'], $this->ink('Signal red'))['name']);
    }

    public function testTwoPlatesOfOneInkAreStillToldApart(): void
    {
        [$id, $plate] = $this->rust();
        $other = array_values(array_filter($this->ask('GET', "/api/jobs/$id")['plates'], static fn (array $p): bool => $p['name'] === 'Straw'))[0];
        $ink = $this->ink('Signal red');
        $this->chosen($id, $other['id'], $ink);
        $this->chosen($id, $plate['id'], $ink);
        $names = array_column($this->ask('GET', "/api/jobs/$id")['plates'], 'name');
        self::assertSame($names, array_values(array_unique($names)));
    }

    /** @return array{int, array<mixed>} */
    private function rust(): array
    {
        $id = $this->twoDotsSeparated();

        return [$id, array_values(array_filter($this->ask('GET', "/api/jobs/$id")['plates'], static fn (array $p): bool => $p['artHex'] === '#b84a30'))[0]];
    }

    /** @return array<mixed> */
    private function ink(string $name): array
    {
        return array_column($this->ask('GET', '/api/shop')['inks'], null, 'name')[$name];
    }

    /**
     * @param array<mixed> $ink
     *
     * @return array<mixed> the plate
     */
    private function chosen(int $job, int $plate, array $ink): array
    {
        $this->ask('PATCH', "/api/plates/$plate", ['inkId' => $ink['id']]);

        return array_column($this->ask('GET', "/api/jobs/$job")['plates'], null, 'id')[$plate];
    }
}
