<?php

declare(strict_types=1);

namespace Ektype\Tests\App;

use PHPUnit\Framework\Attributes\Group;
use Random\Engine\Mt19937;
use Random\Randomizer;
use Symfony\Component\Console\Tester\CommandTester;

/** How a job is printed is decided once: strokes, flashes, grams and seconds are the same wherever they stand. */
final class OnePrintTest extends ShopTestCase
{
    private const SHARE = 1e-9;

    #[Group('long')]
    public function testEveryPageTellsTheSameOfTwoHundredJobs(): void
    {
        $random = new Randomizer(new Mt19937(27));
        $id = $this->twoDotsOnFrames();
        $pick = static fn (array $of): mixed => $of[$random->getInt(0, \count($of) - 1)];
        $press = $this->ask('GET', '/api/shop')['presses'][0];
        $hexes = ['#101014', '#1b2436', '#5b5f66', '#8f8a86', '#c9c4bc', '#ffffff'];
        $seen = [];
        for ($i = 0; $i < 200; ++$i) {
            $plates = array_column($this->ask('GET', "/api/jobs/$id")['plates'], 'id');
            $order = $random->shuffleArray($plates);
            $this->tell($id, ['garmentHex' => $pick($hexes), 'substrate' => $pick(['cotton', 'fleece', 'canvas', 'rigid', 'paper', 'polyester']), 'quantity' => $random->getInt(0, 400), 'seamMm' => $pick([0, 1.5]), 'pull' => $pick([true, false]), 'order' => $order]);
            if ($i % 4 === 0) {
                $this->ask('PUT', '/api/shop/presses/'.$press['id'], ['name' => $press['name'], 'kind' => $pick(['rotary', 'automatic', 'hinge']), 'heads' => $random->getInt(1, 8), 'platens' => $random->getInt(1, 10), 'centreFromEndMm' => $press['centreFromEndMm'], 'flashes' => $random->getInt(0, 3)]);
            }
            // What the hand set of the others before stays.
            $this->ask('PATCH', '/api/plates/'.$pick($plates).'/print', ['laying' => $pick([null, null, 'one stroke', 'two strokes', 'print, flash, print']), 'flash' => $pick([null, null, true, false]), 'dwellS' => $pick([null, 5]), 'offContactMm' => $pick([null, 3.25]), 'hardness' => $pick([null, '70'])]);
            $seen[] = $this->agree($id, $i % 20 === 0);
        }
        self::assertGreaterThan(150, \count(array_unique($seen)), 'they were two hundred jobs and not one');
    }

    /** Two plates called White are two plates: what one takes is not told of the other. */
    public function testPlatesOfOneNameAreTwoPlates(): void
    {
        $id = $this->twoDotsOnFrames();
        $plates = array_column($this->ask('GET', "/api/jobs/$id")['plates'], 'id');
        foreach ($plates as $plate) {
            $this->ask('PATCH', "/api/plates/$plate", ['name' => 'White']);
        }
        $this->ask('PATCH', "/api/plates/$plates[1]/print", ['laying' => 'two strokes']);
        $this->agree($id, true);
        $prints = array_column(array_column($this->ask('GET', "/api/jobs/$id/press")['plates'], 'print'), 'laying');
        self::assertSame(['two strokes', 'two strokes', 'one stroke'], $prints);
        $said = $this->ask('GET', "/api/jobs/$id/press")['above'];
        self::assertCount(3, $said['places']);
        $this->ask('PATCH', "/api/jobs/$id/order", ['garmentHex' => '#ffffff', 'lines' => [['garment' => 'tees', 'colour' => '', 'hex' => '#ffffff', 'sizes' => [['size' => 'M', 'pieces' => 10]]]]]);
        $change = $this->ask('GET', "/api/jobs/$id/run")['garments'][0]['change'];
        self::assertSame([$plates[0]], $change['leftOut'], 'the base alone');
    }

    /** @return string what tells this job from another */
    private function agree(int $id, bool $all): string
    {
        $head = $this->ask('GET', "/api/jobs/$id");
        $press = $this->ask('GET', "/api/jobs/$id/press");
        $run = $this->ask('GET', "/api/jobs/$id/run");
        $pieces = $head['quantity'];
        $grams = 0.0;
        $stations = [];
        $flashed = [];
        foreach ($press['plates'] as $i => $on) {
            $print = $on['print'];
            $plate = $head['plates'][$i];
            $line = $run['runs'][$i];
            self::assertSame([$plate['id'], $plate['id']], [$print['id'], $line['id']]);
            self::assertSame($print['laying'], $line['strokes']);
            self::assertSame($print['step']['flashAfter'], $plate['flashAfter']);
            self::assertSame($print['step']['flashReason'], $plate['flashReason']);
            self::assertSame($print['step']['reason'], $plate['orderReason']);
            self::assertSame($print['flash']['dwellS'] ?? null, $line['dwellS']);
            self::assertSame($print['stroke']['hardness'], $line['squeegee']);
            self::near($print['standing']['offContactMm'], $plate['offContact']['value']);
            // A screen that stays up takes no ink.
            $printed = \in_array($print['id'], $run['garments'][0]['change']['leftOut'], true) ? 0 : $pieces;
            self::near($printed * $print['gramsEach'], $line['grams']);
            $grams += $line['grams'];
            $layers = $print['laying'] === 'print, flash, print' ? 2 : 1;
            for ($layer = 1; $layer <= $layers; ++$layer) {
                $hot = $layer < $layers || $print['step']['flashAfter'];
                $stations[] = ['name' => 'station '.\count($stations), 'strokes' => $print['laying'] === 'two strokes' ? 2 : 1, 'flash_s' => $hot ? $print['flash']['dwellS'] : 0, 'cool_s' => $hot ? $print['flash']['coolS'] : 0];
            }
            if ($print['step']['flashAfter']) {
                $flashed[] = $plate['id'];
            }
            if ($all) {
                $here = array_values(array_filter($this->ask('GET', "/api/plates/{$plate['id']}/meshes"), static fn (array $row): bool => $row['here']))[0];
                self::near($line['grams'], $here['grams']['value']);
                self::near($print['deposit']['wetUm'], $here['wet']['value']);
                self::near($print['standing']['offContactMm'], $this->ask('GET', "/api/plates/{$plate['id']}/why")['offContact']['value']);
            }
        }
        $change = $run['garments'][0]['change'];
        $seconds = $change['leftOut'] === [] ? $change['secondsAPiece'] : null;
        self::near($grams, $change['inkGrams']);
        $shop = $this->ask('GET', '/api/shop')['presses'][0];
        $asked = ['screens' => $stations, 'platens' => $shop['platens'], 'automatic' => $shop['kind'] === 'automatic', 'pieces' => max(1, $pieces)];
        $command = self::command('press:rhythm', $asked);
        $told = $press['rhythm']['pace']['secondsAPiece'] ?? $seconds ?? $command['seconds_a_piece'];
        self::assertEqualsWithDelta($told, $command['seconds_a_piece'], 0.005);
        if ($seconds !== null) {
            self::near($told, $seconds);
            if ($pieces > 0 && $press['rhythm'] !== null) {
                self::near(60 * $press['rhythm']['pace']['hours'], $change['minutes']);
            }
        }
        if ($all) {
            $now = $this->ask('GET', "/api/jobs/$id/press-orders")['now'];
            self::near($told, $now['seconds']);
            self::assertSame($flashed, $now['flashAfter']);
            if ($this->isCurrent($head)) {
                self::assertEqualsWithDelta($told, $this->ask('GET', "/api/jobs/$id/method/spot")['secondsAShirt'], 0.51);
            }
        }

        return $head['garmentHex'].$head['substrate'].$pieces.' '.$told.' '.$grams;
    }

    /** @param array<string, mixed> $head */
    private function isCurrent(array $head): bool
    {
        return $head['separationCurrent'] === true;
    }

    private static function near(float|int|null $one, float|int|null $other): void
    {
        self::assertNotNull($one);
        self::assertEqualsWithDelta($one, $other, self::SHARE * (1 + abs($one)));
    }

    /**
     * @param array<string, mixed> $asked
     *
     * @return array<string, mixed>
     */
    private static function command(string $name, array $asked): array
    {
        $application = new \Symfony\Bundle\FrameworkBundle\Console\Application(self::$kernel ?? throw new \LogicException('No kernel runs.'));
        $file = (string) tempnam(sys_get_temp_dir(), 'asked');
        file_put_contents($file, json_encode($asked, \JSON_THROW_ON_ERROR));
        $tester = new CommandTester($application->find($name));
        $tester->execute(['input' => $file]);
        unlink($file);

        return json_decode($tester->getDisplay(), true, 32, \JSON_THROW_ON_ERROR);
    }
}
