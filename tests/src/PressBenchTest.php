<?php

declare(strict_types=1);

namespace Ektype\Tests\App;

use PHPUnit\Framework\Attributes\Group;
use Symfony\Component\HttpFoundation\File\UploadedFile;

/** The bench of the press: set up, in which order, read from a scan, learned from. */
final class PressBenchTest extends ShopTestCase
{
    protected const BENCHES = ['light', 'press', 'films'];

    public function testTheSetUpFollowsStrokesSeamsAndTheWayOfRegistering(): void
    {
        $id = $this->twoDotsOnFrames();
        $job = $this->ask('GET', "/api/jobs/$id");
        $above = $job['above'];
        self::assertCount(\count($job['plates']), $above['places']);
        self::assertTrue($above['pull']);
        self::assertStringContainsString('Tape the film of '.$job['plates'][0]['name'], $above['steps'][0]);
        $off = $job['plates'][1]['print']['standing']['offContactMm'];
        $sheared = $this->ask('PATCH', "/api/jobs/$id/press", ['seamMm' => 1.5, 'pull' => false, 'registerWay' => 'printed marks']);
        self::assertEqualsWithDelta($off + 1.5, $sheared['plates'][1]['print']['standing']['offContactMm'], 1e-9);
        self::assertEqualsWithDelta($off + 1.5, $this->ask('GET', '/api/plates/'.$job['plates'][1]['id'].'/why')['offContact']['value'], 1e-9, 'one rule, wherever it is shown');
        self::assertStringContainsString('contrasting colour', $sheared['above']['steps'][0]);
        self::assertStringContainsString('towards you', $sheared['plates'][1]['print']['standing']['setBack']['says'], 'a pushed stroke drags away, so it is set back towards the hands');
        self::assertSame(1.5, (float) $this->ask('GET', "/api/jobs/$id/press")['above']['seamMm']);
        self::assertSame(0.0, (float) $this->undo($id)['above']['seamMm']);
        $this->ask('PATCH', "/api/jobs/$id/press", ['seamMm' => 90], 422);
        $this->ask('PATCH', "/api/jobs/$id/press", ['registerWay' => 'by feel'], 422);
    }

    /** Off-contact, stretch and squeegee of a screen, worked out here from the rules of the trade. */
    public function testAScreenIsSetByItsFrame(): void
    {
        $id = $this->twoDotsOnFrames();
        $job = $this->ask('GET', "/api/jobs/$id");
        $press = array_column($this->ask('GET', '/api/shop')['presses'], null, 'id')[$job['pressId']];
        $frames = array_column($this->ask('GET', '/api/shop')['frames'], null, 'label');
        $lands = [];
        foreach ($job['plates'] as $plate) {
            $screen = $plate['print']['standing'];
            $frame = $frames[$screen['frame']['label']];
            $tension = $frame['tensionNPerCm'];
            $off = match (true) {
                $tension >= 30 => 1.6,
                $tension >= 25 => 2.2 - 0.6 * ($tension - 25) / 5,
                $tension >= 20 => 3.2 - 1.0 * ($tension - 20) / 5,
                $tension >= 15 => 4.5 - 1.3 * ($tension - 15) / 5,
                default => 4.5,
            };
            self::assertEqualsWithDelta($off, $screen['offContactMm'], 0.006, "frame {$screen['frame']['label']}");
            $free = $frame['insideHeightMm'];
            $at = static fn (float $a): float => $screen['offContactMm'] ** 2 / 2 * (1 / ($free - $a) - 1 / $a);
            $near = $at($press['centreFromEndMm'] - $job['heightMm'] / 2);
            $far = $at($press['centreFromEndMm'] + $job['heightMm'] / 2);
            self::assertEqualsWithDelta($near, $screen['landsNearMm'], 1e-9);
            self::assertEqualsWithDelta($far, $screen['landsFarMm'], 1e-9);
            $lands[] = [$near, $far];
            self::assertEqualsWithDelta(max(abs($near - $lands[0][0]), abs($far - $lands[0][1])), abs($screen['differsMm']), 1e-9, 'against the key, at the worse edge');
            self::assertGreaterThanOrEqual($job['widthMm'] + 20, $plate['print']['stroke']['widthMm']);
        }
        self::assertSame('two strokes', $job['plates'][0]['print']['laying'], 'a base on dark cloth');
        self::assertSame('one stroke', $job['plates'][1]['print']['laying']);
    }

    /** Any plate may be the key: the others are brought to it, and a printed key is not set back by its own drag. */
    public function testAnotherPlateIsChosenAsTheKey(): void
    {
        $id = $this->twoDotsOnFrames();
        $bench = $this->ask('GET', "/api/jobs/$id/press");
        $plates = $this->ask('GET', "/api/jobs/$id")['plates'];
        self::assertSame($plates[0]['id'], $bench['keyPlateId'], 'the base until somebody chooses');
        $job = $this->ask('PATCH', "/api/jobs/$id/press", ['keyPlateId' => $plates[2]['id'], 'registerWay' => 'printed marks']);
        self::assertSame($plates[2]['id'], $job['keyPlateId']);
        self::assertStringContainsString('Print '.$plates[2]['name'].' on test cloth', $job['above']['steps'][0]);
        self::assertStringContainsString($plates[0]['name'], $job['above']['steps'][1]);
        self::assertStringContainsString('as you chose', $job['above']['keySays']);
        self::assertSame([0.0, 'no set-back: it is the printed key'], [(float) $job['plates'][2]['print']['standing']['setBack']['mm'], $job['plates'][2]['print']['standing']['setBack']['says']]);
        self::assertGreaterThan(0.0, abs($job['plates'][0]['print']['standing']['setBack']['mm']));
        self::assertSame(0.0, (float) $job['plates'][2]['print']['standing']['differsMm']);
        self::assertSame('the key: the others are brought to it', $this->ask('GET', "/api/jobs/$id/run")['runs'][2]['register']);
        $this->ask('PATCH', "/api/jobs/$id/press", ['keyPlateId' => 99999], 422);
        self::assertSame($plates[0]['id'], $this->ask('PATCH', "/api/jobs/$id/press", ['keyPlateId' => 0])['keyPlateId']);
    }

    /** What the hand chose for an ink on its mesh is what the next job with both begins with. */
    public function testTheHandIsRememberedForTheNextJob(): void
    {
        $plates = $this->ask('GET', '/api/jobs/'.$this->twoDotsOnFrames())['plates'];
        $first = $plates[1];
        $shop = $this->ask('GET', '/api/shop');
        $ink = $shop['inks'][0]['id'];
        $this->ask('PATCH', "/api/plates/{$first['id']}", ['inkId' => $ink]);
        $this->ask('PATCH', "/api/plates/{$first['id']}/print", ['hardness' => '75–80', 'offContactMm' => 3.5]);
        $next = $this->bring(self::twoDots())['id'];
        $this->work();
        $plate = $this->ask('GET', "/api/jobs/$next")['plates'][1];
        $frames = array_column($shop['frames'], null, 'label');
        $mesh = $frames[$first['frameLabel']]['mesh'] ?? $first['mesh']['text'];
        $like = array_values(array_filter($shop['frames'], static fn (array $f): bool => !\in_array($f['label'], array_column($plates, 'frameLabel'), true) && ($f['mesh'] ?? null) === $mesh));
        self::assertNotSame([], $like, 'another frame with that mesh');
        $this->ask('PATCH', "/api/plates/{$plate['id']}", ['inkId' => $ink, 'frameId' => $like[0]['id']]);
        $print = $this->ask('GET', "/api/jobs/$next/press")['plates'][1]['print'];
        self::assertSame('75–80', $print['stroke']['hardness']);
        self::assertNotSame(3.5, (float) $print['standing']['offContactMm'], 'off-contact is that of the frame');
        self::assertContains('as you printed this ink on this mesh last; else 70', array_column($print['why'], 'reason'));
    }

    public function testAPressWithoutAFlashAndPaperAreSetUpOtherwise(): void
    {
        $id = $this->twoDotsOnFrames();
        $press = $this->ask('GET', '/api/shop')['presses'][0];
        $put = ['name' => $press['name'], 'kind' => 'automatic', 'heads' => 3, 'platens' => 4, 'centreFromEndMm' => $press['centreFromEndMm'], 'flashes' => 0];
        $this->ask('PUT', '/api/shop/presses/'.$press['id'], $put);
        $above = $this->ask('GET', "/api/jobs/$id/press")['above'];
        self::assertSame('automatic', $above['way']);
        $missing = implode(' ', $above['missing']);
        self::assertStringContainsString('5 heads are needed, 2 of them for flashes, and the press has 3. Print two rounds', $missing);
        self::assertStringContainsString('2 flashes are wanted and none is here', $missing);
        self::assertSame([], $this->ask('GET', "/api/jobs/$id/press-orders")['best']['flashAfter'], 'an order for a press that cannot flash');
        $this->ask('PUT', '/api/shop/presses/'.$press['id'], ['flashes' => 2, 'heads' => 8] + $put);
        self::assertSame([], $this->ask('GET', "/api/jobs/$id/press")['above']['missing']);
        $paper = $this->ask('PATCH', "/api/jobs/$id/order", ['substrate' => 'paper']);
        self::assertSame('clear sheet', $paper['above']['registerWay']);
        self::assertNull($paper['rhythm'], 'paper dries in the rack');
        self::assertSame('films', $this->ask('PATCH', "/api/jobs/$id/press", ['registerWay' => 'films'])['above']['registerWay'], 'as it was chosen');
    }

    public function testOrdersStandBesideEachOtherAndAnyCanBeTriedBeforeItIsTaken(): void
    {
        $id = $this->twoDotsOnFrames();
        $now = array_column($this->ask('GET', "/api/jobs/$id")['plates'], 'id');
        $orders = $this->ask('GET', "/api/jobs/$id/press-orders");
        self::assertSame($now, $orders['now']['plates']);
        self::assertLessThanOrEqual($orders['now']['cost'] + 1e-12, $orders['best']['cost']);
        foreach ($orders['schools'] as $school) {
            self::assertLessThanOrEqual($school['cost'] + 1e-12, $orders['best']['cost'], $school['name']);
            self::assertSame($now[0], $school['plates'][0], 'the base stays first');
        }
        $turned = [$now[0], $now[2], $now[1]];
        $tried = $this->ask('POST', "/api/jobs/$id/press-orders/tried", ['order' => $turned]);
        self::assertSame($turned, $tried['plates']);
        self::assertSame($now, array_column($this->ask('GET', "/api/jobs/$id")['plates'], 'id'), 'nothing was moved');
        self::assertStringContainsString('The base does not print first', implode(' ', $this->ask('POST', "/api/jobs/$id/press-orders/tried", ['order' => [$now[1], $now[0], $now[2]]])['reasons']));
        self::assertSame('/order', $this->pointer($this->ask('POST', "/api/jobs/$id/press-orders/tried", ['order' => [$now[0], $now[0], $now[1]]], 422)));
        $this->ask('POST', "/api/jobs/$id/press-orders/tried", ['order' => [[], 1]], 422);
        $this->browser->request('GET', "/api/jobs/$id/press-orders/".implode('-', $turned).'.png');
        self::assertSame('image/png', $this->browser->getResponse()->headers->get('Content-Type'));
        $this->browser->request('GET', "/api/jobs/$id/press-orders/1-2.png");
        self::assertSame(404, $this->browser->getResponse()->getStatusCode());
    }

    public function testAScanIsReadForAllPlatesAndAddedAsOnePrint(): void
    {
        $id = $this->twoDotsOnFrames();
        $read = $this->ask('POST', "/api/jobs/$id/strike-off/simulated", ['platen' => 3]);
        self::assertCount(2, $read['plates']);
        foreach ($read['plates'] as $plate) {
            self::assertCount(3, $plate['readings'], implode(' ', $read['says']));
            self::assertLessThan(0.05, $plate['errorMm']);
        }
        $plates = $this->ask('GET', "/api/jobs/$id")['plates'];
        self::assertSame([3], $plates[1]['platens']);
        self::assertSame(1, $plates[1]['register']['prints']);
        $targets = array_column($plates[1]['targets'], null, 'name');
        foreach ($plates[1]['register']['marks'] as $mark) {
            self::assertEqualsWithDelta($targets[$mark['mark']]['xMm'], $mark['xMm'], 0.02, 'read where the page shows its target');
            self::assertEqualsWithDelta($targets[$mark['mark']]['yMm'], $mark['yMm'], 0.02);
        }
        $this->ask('POST', "/api/jobs/$id/strike-off/simulated", ['platen' => 1]);
        $twice = $this->ask('GET', "/api/jobs/$id")['plates'][2];
        self::assertSame([3, 1], $twice['platens']);
        self::assertSame(2, $twice['register']['prints']);
        self::assertNotNull($twice['register']['errors']['scatterMm']);
        self::assertSame(1, $this->undo($id)['plates'][2]['register']['prints'], 'one step takes one print back, of all plates');
        foreach ($twice['after'] as $mark) {
            self::assertLessThanOrEqual($twice['register']['mending']['afterMaxMm'] + 1e-6, hypot($mark['afterXMm'], $mark['afterYMm']));
        }
    }

    public function testWhatIsNoScanOfItIsRefusedAtTheScanAndNothingIsKept(): void
    {
        $id = $this->twoDotsOnFrames();
        $picture = imagecreatetruecolor(900, 900);
        self::assertNotFalse($picture);
        imagefilledrectangle($picture, 0, 0, 900, 900, 0x1B2436);
        imageresolution($picture, 300, 300);
        $path = (string) tempnam(sys_get_temp_dir(), 'scan');
        imagepng($picture, $path);
        foreach ([[$path, 'not on the scan where the films of this job have them'], [__FILE__, 'This is no scan that can be read']] as [$file, $why]) {
            $copy = (string) tempnam(sys_get_temp_dir(), 'scan');
            copy($file, $copy);
            $this->browser->request('POST', "/api/jobs/$id/strike-off", ['platen' => '2'], ['scan' => new UploadedFile($copy, 'scan.png', null, null, true)]);
            $answer = json_decode((string) $this->browser->getResponse()->getContent(), true);
            self::assertIsArray($answer);
            self::assertSame(422, $this->browser->getResponse()->getStatusCode());
            self::assertStringContainsString($why, $answer['detail']);
            self::assertSame('/scan', $this->pointer($answer));
        }
        self::assertNull($this->ask('GET', "/api/jobs/$id")['plates'][1]['register']);
        $without = $this->ask('GET', "/api/jobs/$id")['id'];
        $this->connection()->executeStatement('UPDATE job SET films_path = NULL WHERE id = ?', [$without]);
        self::assertStringContainsString('no films yet', $this->ask('POST', "/api/jobs/$id/strike-off/simulated", ['platen' => null], 422)['detail']);
    }

    /** Films of earlier versions carry no strip: a plate is read at the marks that all share. */
    public function testFilmsWithoutAStripAreReadAtTheirMarks(): void
    {
        $id = $this->twoDotsOnFrames();
        $names = fn (): array => array_column($this->ask('GET', "/api/jobs/$id/press")['plates'][1]['targets'], 'name');
        self::assertContains('top left target', $names());
        $kept = json_decode((string) $this->connection()->fetchOne('SELECT film_check FROM job WHERE id = ?', [$id]), true, 64, \JSON_THROW_ON_ERROR);
        self::assertIsArray($kept);
        self::assertTrue($kept['strip']);
        unset($kept['strip']);
        $this->connection()->executeStatement('UPDATE job SET film_check = ? WHERE id = ?', [json_encode($kept, \JSON_THROW_ON_ERROR), $id]);
        self::assertSame(array_column($this->ask('GET', "/api/jobs/$id/press")['marks'], 'name'), $names());
    }

    public function testKnobsAreTakenIntoTheProfileByATouch(): void
    {
        $id = $this->twoDotsOnFrames();
        $plate = $this->ask('GET', "/api/jobs/$id")['plates'][1]['id'];
        $press = $this->ask('GET', '/api/shop')['presses'][0];
        self::assertStringContainsString('No correction on this press', $this->ask('POST', "/api/presses/{$press['id']}/learned", null, 422)['detail']);
        $this->read($id, $plate, 0.8, 0.0);
        $this->ask('POST', "/api/plates/$plate/turned");
        $this->read($id, $plate, 0.4, 0.0);
        $bench = $this->ask('GET', "/api/jobs/$id/press");
        $side = array_column($bench['learned'], null, 'name')['Side'];
        self::assertTrue($side['differs']);
        $taken = array_column($this->ask('POST', "/api/presses/{$press['id']}/learned")['presses'][0]['knobs'], 'mmPerTurn', 'name')['Side'];
        self::assertEqualsWithDelta($side['mmPerTurn'], $taken, 1e-9);
        self::assertLessThan(array_column($press['knobs'], 'mmPerTurn', 'name')['Side'], $taken, 'it moved half as far as its profile said');
    }

    public function testAKnobWhoseClockwiseIsTheOtherWayIsTurnedRoundInTheProfile(): void
    {
        $id = $this->twoDotsOnFrames();
        $plate = $this->ask('GET', "/api/jobs/$id")['plates'][1]['id'];
        $press = $this->ask('GET', '/api/shop')['presses'][0];
        $side = static fn (array $of): array => array_column($of['knobs'], null, 'name')['Side'];
        $this->read($id, $plate, 0.8, 0.0);
        $this->ask('POST', "/api/plates/$plate/turned");
        // Told to bring it 0.8 mm back, it went 0.8 mm further.
        $this->read($id, $plate, 1.6, 0.0);
        $taken = $side($this->ask('POST', "/api/presses/{$press['id']}/learned")['presses'][0]);
        self::assertEqualsWithDelta(-$side($press)['pushes']['xMm'], $taken['pushes']['xMm'], 1e-9);
        self::assertEqualsWithDelta($side($press)['mmPerTurn'], $taken['mmPerTurn'], 0.05 * $side($press)['mmPerTurn']);
    }

    #[Group('long')]
    public function testTwoPlatesOfOneNameAreToldApartByTheirPlaces(): void
    {
        $id = $this->twoDotsOnFrames();
        $plates = $this->ask('GET', "/api/jobs/$id")['plates'];
        $this->ask('PATCH', '/api/plates/'.$plates[2]['id'], ['name' => $plates[1]['name']]);
        $this->ask('POST', "/api/jobs/$id/films", null, 202);
        $this->work();
        $read = $this->ask('POST', "/api/jobs/$id/strike-off/simulated", ['platen' => null])['plates'];
        self::assertSame([$plates[1]['id'], $plates[2]['id']], array_column($read, 'id'));
        self::assertNotSame($read[0]['readings'][0]['offXMm'], $read[1]['readings'][0]['offXMm'], 'each in its own target');
    }

    /** Two hands at one strike-off: what came from a scan while the other typed is not typed over. */
    #[Group('long')]
    public function testAPrintThatWasReadMeanwhileStays(): void
    {
        $id = $this->twoDotsOnFrames();
        $plate = $this->ask('GET', "/api/jobs/$id")['plates'][1]['id'];
        $marks = \array_slice($this->ask('GET', "/api/jobs/$id/press")['marks'], 0, 2);
        $print = static fn (float $x): array => ['readings' => array_map(static fn (array $m): array => ['mark' => $m['name'], 'at' => ['xMm' => $m['xMm'], 'yMm' => $m['yMm']], 'off' => ['xMm' => $x, 'yMm' => 0.0]], $marks), 'platen' => 2];
        $this->ask('PATCH', "/api/plates/$plate", ['prints' => [$print(0.3)], 'printsKnown' => 0]);
        $this->ask('POST', "/api/jobs/$id/strike-off/simulated", ['platen' => 4]);
        $this->ask('PATCH', "/api/plates/$plate", ['prints' => [$print(0.28), $print(0.31)], 'printsKnown' => 1]);
        $read = array_column($this->ask('GET', "/api/jobs/$id/press")['plates'], null, 'id')[$plate];
        self::assertSame(3, $read['register']['prints']);
        self::assertSame([2, 2, 4], $read['platens']);
        $this->ask('PATCH', "/api/plates/$plate", ['prints' => [], 'printsKnown' => 3]);
        self::assertNull(array_column($this->ask('GET', "/api/jobs/$id/press")['plates'], null, 'id')[$plate]['register'], 'all that was known is forgotten');
    }

    /** A knob that somebody turns without saying so teaches nothing. */
    public function testAReadingThatLiesElsewhereIsNotTakenForTheLastTurns(): void
    {
        $id = $this->twoDotsOnFrames();
        $plate = $this->ask('GET', "/api/jobs/$id")['plates'][1]['id'];
        $this->read($id, $plate, 0.8, 0.0);
        $this->ask('POST', "/api/plates/$plate/turned");
        $this->read($id, $plate, 0.1, 0.0);
        $shown = static fn (array $bench): float => array_column($bench['learned'], null, 'name')['Side']['mmPerTurn'];
        $before = $shown($this->ask('GET', "/api/jobs/$id/press"));
        $this->read($id, $plate, -0.6, 0.0);
        self::assertSame($before, $shown($this->ask('GET', "/api/jobs/$id/press")));
        $this->read($id, $plate, 0.15, 0.0);
        self::assertNotSame($before, $shown($this->ask('GET', "/api/jobs/$id/press")), 'a small correction of the reading is one of the same print');
    }

    /** A stroke pulled towards the operator that lands the print nearer to him has dragged; one that was pushed has not. */
    public function testWhatTheFirstStrikeOffShowsAlongTheStrokeIsLearnedAsDrag(): void
    {
        $drags = [];
        foreach ([true, false] as $pull) {
            $id = $this->twoDotsOnFrames();
            $this->ask('PATCH', "/api/jobs/$id/press", ['registerWay' => 'printed marks', 'pull' => $pull]);
            $plate = $this->ask('GET', "/api/jobs/$id")['plates'][1]['id'];
            $drag = fn (): float => array_column($this->ask('GET', "/api/jobs/$id/press")['plates'], null, 'id')[$plate]['print']['standing']['dragMm'];
            $before = $drag();
            $this->read($id, $plate, 0.0, -0.4);
            $this->ask('POST', "/api/plates/$plate/turned");
            $drags[] = $drag() - $before;
            // A second reading of the same set-up is of the turns, not of the stroke.
            $this->read($id, $plate, 0.0, -0.3);
            $this->ask('POST', "/api/plates/$plate/turned");
            self::assertEqualsWithDelta($drags[\count($drags) - 1], $drag() - $before, 1e-9);
        }
        self::assertGreaterThan(0.02, $drags[0]);
        self::assertLessThan(-0.02, $drags[1]);
    }

    /** What the hand sets of a print stays with the plate, is told everywhere, can be undone and given back to the rule. */
    public function testTheHandOverrulesThePrintOfAPlate(): void
    {
        $id = $this->twoDotsOnFrames();
        [$base, $red] = array_column($this->ask('GET', "/api/jobs/$id")['plates'], 'id');
        $print = fn (): array => array_column(array_column($this->ask('GET', "/api/jobs/$id/press")['plates'], 'print'), null, 'id');
        $run = fn (): array => $this->ask('GET', "/api/jobs/$id/run");
        $was = $print();
        $this->ask('PATCH', "/api/plates/$base/print", ['laying' => 'one stroke', 'offContactMm' => 3.5, 'flash' => false]);
        $now = $print();
        self::assertSame(['one stroke', 3.5, null], [$now[$base]['laying'], $now[$base]['standing']['offContactMm'], $now[$base]['flash']]);
        self::assertEqualsWithDelta($was[$base]['gramsEach'] / 1.25, $now[$base]['gramsEach'], 1e-9);
        self::assertSame('one stroke', $run()['runs'][0]['strokes']);
        self::assertSame('one stroke', array_column($this->ask('GET', "/api/jobs/$id/run")['runs'], 'strokes')[0]);
        self::assertFalse($this->ask('GET', "/api/jobs/$id")['plates'][0]['flashAfter']);
        self::assertSame([3.5, 'the hand'], array_values(array_intersect_key($this->ask('GET', "/api/plates/$base/why")['offContact'], ['value' => 0, 'source' => 0])));
        self::assertSame([$was[$red]['laying'], $was[$red]['gramsEach'], $was[$red]['standing']['offContactMm']], [$now[$red]['laying'], $now[$red]['gramsEach'], $now[$red]['standing']['offContactMm']], 'the other plate prints as before');
        $this->ask('PATCH', "/api/plates/$base/print", ['offContactMm' => null]);
        self::assertSame($was[$base]['standing']['offContactMm'], $print()[$base]['standing']['offContactMm'], 'the rule again');
        self::assertSame('one stroke', $print()[$base]['laying'], 'what was not named stays');
        $this->undo($id);
        self::assertSame(3.5, $print()[$base]['standing']['offContactMm']);
        foreach ([['offContactMm' => 90], ['laying' => 'thrice'], ['flash' => 'maybe'], ['head' => 1.5], ['wings' => 2], ['dwellS' => 'long']] as $wrong) {
            self::assertSame('/'.array_key_first($wrong), $this->pointer($this->ask('PATCH', "/api/plates/$base/print", $wrong, 422)));
        }
        self::assertSame(3.5, $print()[$base]['standing']['offContactMm'], 'what was refused changed nothing');
        $again = $this->ask('POST', "/api/jobs/$id/again", expect: 201);
        self::assertSame('one stroke', $this->ask('GET', '/api/jobs/'.$again['id'].'/press')['plates'][0]['print']['laying'], 'kept for the next order');
    }

    /** What is done about a colour that is off, and what stands on its pot for the next job. */
    public function testAColourThatIsOffIsCorrectedAndItsPotSaysSo(): void
    {
        $id = $this->twoDotsOnFrames();
        [$base, $red] = array_column($this->ask('GET', "/api/jobs/$id")['plates'], 'id');
        $signs = array_column($this->ask('GET', "/api/jobs/$id/press")['plates'], 'signs', 'id');
        self::assertNotContains('its dots fill in', $signs[$red], 'it has none');
        $ask = fn (int $plate, string $sign): array => $this->ask('GET', "/api/plates/$plate/corrections?sign=".rawurlencode($sign));
        $strong = $ask($red, 'too strong or too dark');
        $thin = array_values(array_filter($strong['offered'], static fn (array $c): bool => $c['onPot'] !== ''))[0];
        $grams = array_column($this->ask('GET', "/api/jobs/$id/run")['runs'], 'grams', 'id')[$red];
        self::assertStringContainsString(\sprintf('%.0f g of extender', round(0.1 * $grams)), $thin['does'], 'of the grams on the work order');
        self::assertSame('/sign', $this->pointer($this->ask('GET', "/api/plates/$red/corrections?sign=blue", null, 422)));
        $shop = $this->ask('POST', '/api/shop/inks', ['name' => 'Pot red', 'hex' => '#c03020', 'recipe' => 'red 90, white 10'], 201);
        $ink = array_column($shop['inks'], 'id', 'name')['Pot red'];
        $this->ask('PATCH', "/api/plates/$red", ['inkId' => $ink]);
        $this->ask('POST', "/api/plates/$red/pot", ['says' => $thin['onPot']]);
        $recipe = fn (): string => array_column($this->ask('GET', '/api/shop')['inks'], 'recipe', 'id')[$ink];
        self::assertMatchesRegularExpression('/^red 90, white 10\n\d+ \w+ \d{4}, .+: 10 % extender by weight$/u', $recipe());
        self::assertSame($recipe(), $ask($red, 'too strong or too dark')['recipe']);
        $this->ask('PUT', "/api/shop/inks/$ink", ['name' => 'Pot red', 'hex' => '#c03020']);
        self::assertStringContainsString('10 % extender', $recipe(), 'who says nothing of the pot leaves it');
        self::assertSame('/says', $this->pointer($this->ask('POST', "/api/plates/$red/pot", ['says' => str_repeat('x', 121)], 422)));
        $this->undo($id);
        self::assertNotSame('', $this->ask('GET', "/api/jobs/$id/run")['after'][0]);
    }

    /** An order that is taken prints with the flashes that it was told with. */
    public function testAnOrderIsTakenWithItsFlashes(): void
    {
        $id = $this->twoDotsOnFrames();
        $orders = $this->ask('GET', "/api/jobs/$id/press-orders");
        foreach ([$orders['best'], ...$orders['schools']] as $order) {
            $this->ask('POST', "/api/jobs/$id/press-orders/taken", ['order' => $order['plates'], 'flashAfter' => $order['flashAfter']]);
            $now = $this->ask('GET', "/api/jobs/$id/press-orders")['now'];
            self::assertSame([$order['plates'], $order['flashAfter'], $order['seconds'], $order['cost']], [$now['plates'], $now['flashAfter'], $now['seconds'], $now['cost']], $order['name']);
            self::assertSame($order['flashAfter'], array_column(array_filter($this->ask('GET', "/api/jobs/$id")['plates'], static fn (array $p): bool => $p['flashAfter']), 'id'));
        }
    }

    public function testAProbeMakesTheFlashTimesThisShopsOwn(): void
    {
        $id = $this->twoDotsOnFrames();
        $press = $this->ask('GET', '/api/shop')['presses'][0]['id'];
        $before = $this->ask('GET', "/api/jobs/$id/press")['rhythm'];
        self::assertSame(0, $before['flashReadings']);
        self::assertGreaterThan($before['flashes'][0]['flash']['dwellS'], $before['flashes'][0]['flash']['coldS'], 'the first piece, on cold platens, takes longer');
        foreach ($before['flashes'][0]['flash']['heats'] as $heat) {
            $gelled = $heat['celsius'] >= 105 && $heat['celsius'] <= 120;
            self::assertSame($gelled, $heat['does'] === 'gelled', $heat['seconds'].' s');
        }
        // Hotter sooner than the usual flash would be.
        $this->ask('POST', "/api/presses/$press/flash", ['heightMm' => 45, 'seconds' => 3, 'celsius' => 112, 'platenC' => 30]);
        $this->ask('POST', "/api/presses/$press/flash", ['heightMm' => 45, 'seconds' => 3, 'celsius' => 115, 'platenC' => 30]);
        $after = $this->ask('GET', "/api/jobs/$id/press")['rhythm'];
        self::assertSame(2, $after['flashReadings']);
        self::assertLessThan($before['flashes'][0]['flash']['dwellS'], $after['flashes'][0]['flash']['dwellS']);
        self::assertStringContainsString('is hardly so', $this->ask('POST', "/api/presses/$press/flash", ['heightMm' => 45, 'seconds' => 3, 'celsius' => 25, 'platenC' => 30], 422)['detail']);
        self::assertSame(2, $this->ask('GET', "/api/jobs/$id/press")['rhythm']['flashReadings'], 'what cannot be is not kept');
    }

    private function read(int $job, int $plate, float $x, float $y): void
    {
        $marks = $this->ask('GET', "/api/jobs/$job/press")['marks'];
        $this->ask('PATCH', "/api/plates/$plate", ['prints' => array_fill(0, 3, ['readings' => array_map(static fn (array $m): array => ['mark' => $m['name'], 'at' => ['xMm' => $m['xMm'], 'yMm' => $m['yMm']], 'off' => ['xMm' => $x, 'yMm' => $y]], $marks)])]);
    }

    /** @param array<mixed> $problem */
    private function pointer(array $problem): string
    {
        $error = $problem['errors'][0] ?? [];
        self::assertIsArray($error);
        $pointer = $error['pointer'] ?? '';
        self::assertIsString($pointer);

        return ltrim($pointer, '#');
    }
}
