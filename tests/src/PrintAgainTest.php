<?php

declare(strict_types=1);

namespace Ektype\Tests\App;

use Symfony\Component\Filesystem\Filesystem;

/** The second order of a print: its record, plates and films, and the screens that still carry its picture. */
final class PrintAgainTest extends ShopTestCase
{
    protected const BENCHES = ['light', 'press', 'run'];

    public function testItKeepsPlatesFilmsAndTheScreensThatStillCarryThePicture(): void
    {
        $id = $this->burned();
        $first = $this->ask('GET', "/api/jobs/$id");
        $this->tell($id, ['notes' => 'Sleeves next time.', 'quantity' => 50]);
        $this->ask('POST', "/api/jobs/$id/finish");
        // One of its frames is reclaimed in the meantime.
        $gone = $first['plates'][1];
        $this->ask('POST', '/api/frames/'.$gone['frameId'].'/reclaim', ['came' => 'clean', 'again' => false]);

        $again = $this->ask('POST', "/api/jobs/$id/again", null, 201);
        self::assertNotSame($id, $again['id']);
        self::assertSame($id, $again['againOf']);
        self::assertSame([$first['name'], 'Sleeves next time.', 0], [$again['name'], $again['notes'], $again['quantity']], 'how many it was says nothing of how many it is');
        self::assertStringContainsString('The order before was 50 pieces', implode(' ', $again['since']));
        self::assertTrue($again['separationCurrent']);
        self::assertTrue($again['filmsCurrent'], 'the films of last time are its films');
        self::assertSame(array_column($first['plates'], 'inkId'), array_column($again['plates'], 'inkId'));
        foreach ($again['plates'] as $i => $plate) {
            if ($plate['name'] === $gone['name']) {
                self::assertNull($plate['frameId']);
            } else {
                self::assertSame($first['plates'][$i]['frameId'], $plate['frameId']);
                self::assertSame(12.0, (float) $plate['burnedSeconds']);
            }
        }
        self::assertStringContainsString('still carr', implode(' ', $again['since']));
        self::assertStringContainsString('To be made again: '.$gone['name'], implode(' ', $again['since']));
        // What was read at the marks belongs to the set-up of last time.
        self::assertSame([null], array_values(array_unique(array_column($again['plates'], 'register'))));
    }

    public function testScreensThatTheFirstOrderStillPrintsWithStayThere(): void
    {
        $id = $this->burned();
        $frames = array_column($this->ask('GET', "/api/jobs/$id")['plates'], 'frameId');
        $again = $this->ask('POST', "/api/jobs/$id/again", null, 201);
        self::assertSame([null], array_values(array_unique(array_column($again['plates'], 'frameId'))));
        self::assertSame($frames, array_column($this->ask('GET', "/api/jobs/$id")['plates'], 'frameId'));
    }

    /** On light cloth the base goes while its screen lies in the rack: the plates are drawn anew all the same, and undo has it back. */
    public function testAgainOnWhiteIsSeparatedThoughItsBaseWasBurned(): void
    {
        $id = $this->burned();
        $this->ask('POST', "/api/jobs/$id/finish");
        $again = $this->ask('POST', "/api/jobs/$id/again", null, 201)['id'];
        $before = $this->ask('GET', "/api/jobs/$again");
        self::assertContains('base', array_column($before['plates'], 'role'));
        $this->ask('PATCH', "/api/jobs/$again/order", ['garmentHex' => '#ffffff']);
        $this->ask('POST', "/api/jobs/$again/separate", null, 202);
        $this->work();
        $white = $this->ask('GET', "/api/jobs/$again");
        self::assertNull($white['task'], (string) json_encode($white['task']));
        self::assertTrue($white['separationCurrent']);
        self::assertNotContains('base', array_column($white['plates'], 'role'));
        $this->undo($again);
        self::assertSame(
            array_column($before['plates'], 'burnedSeconds', 'name'),
            array_column($this->ask('GET', "/api/jobs/$again")['plates'], 'burnedSeconds', 'name'),
            'each plate counts on its screen again',
        );
    }

    public function testTakenBackTheScreensLieInTheRackAgain(): void
    {
        $id = $this->burned();
        $this->ask('POST', "/api/jobs/$id/finish");
        $before = $this->ask('GET', '/api/shop')['frames'];
        $this->ask('POST', "/api/jobs/$id/again", null, 201);
        self::assertNotEquals($before, $this->ask('GET', '/api/shop')['frames']);
        $this->ask('POST', '/api/undo');
        self::assertEquals($before, $this->ask('GET', '/api/shop')['frames']);
        self::assertCount(1, $this->ask('GET', '/api/jobs')['jobs']);
    }

    public function testTheFirstOrderCanBeDeletedAndTheSecondStillHasItsPlates(): void
    {
        $id = $this->burned();
        $this->ask('POST', "/api/jobs/$id/finish");
        $again = $this->ask('POST', "/api/jobs/$id/again", null, 201);
        $this->ask('DELETE', "/api/jobs/$id");
        $second = $this->ask('GET', '/api/jobs/'.$again['id']);
        self::assertStringContainsString('The first order was deleted', implode(' ', $second['since']));
        $this->browser->request('GET', '/api/jobs/'.$again['id'].'/pull/1.png');
        self::assertSame(200, $this->browser->getResponse()->getStatusCode());
        $this->browser->request('GET', '/api/jobs/'.$again['id'].'/proof.pdf');
        self::assertStringStartsWith('%PDF', (string) $this->browser->getResponse()->getContent());
    }

    public function testWhatWasNeverSeparatedCannotBePrintedAgain(): void
    {
        $id = $this->bring(self::twoDots())['id'];
        $refused = $this->ask('POST', "/api/jobs/$id/again", null, 422);
        self::assertStringContainsString('never separated', $refused['detail']);
    }

    public function testTheProofPageIsForThisCustomerAndNotMadeBeforeThePlates(): void
    {
        $id = $this->bring(self::twoDots())['id'];
        $this->ask('GET', "/api/jobs/$id/proof.pdf", null, 422);
        $this->work();
        $this->tell($id, ['customer' => 'Kettle Lane Bakery', 'lines' => [
            ['garment' => 'tees', 'colour' => 'navy', 'hex' => '#1b2436', 'sizes' => [['size' => 'M', 'pieces' => 12], ['size' => 'XL', 'pieces' => 8]]],
        ]]);
        $this->browser->request('GET', "/api/jobs/$id/proof.pdf");
        $file = sys_get_temp_dir().'/proof-'.getmypid().'.pdf';
        file_put_contents($file, (string) $this->browser->getResponse()->getContent());
        $text = (string) shell_exec('pdftotext -layout '.escapeshellarg($file).' -');
        (new Filesystem())->remove($file);
        self::assertStringContainsString('for Kettle Lane Bakery', $text);
        self::assertStringContainsString('20 tees, navy: 12 M, 8 XL', $text);
        self::assertStringContainsString('60 × 40 mm', $text);
    }

    public function testAnOrderOfSeveralGarmentsIsCountedAndSaysWhatChanges(): void
    {
        $id = $this->twoDotsSeparated();
        $job = $this->ask('PATCH', "/api/jobs/$id/order", ['lines' => [
            ['garment' => 'tees', 'colour' => 'navy', 'hex' => '#1b2436', 'sizes' => [['size' => 'S', 'pieces' => 5], ['size' => 'M', 'pieces' => 7]]],
            ['garment' => 'tees', 'colour' => '', 'hex' => '#FFFFFF', 'sizes' => [['size' => 'M', 'pieces' => 30]]],
        ]]);
        self::assertSame(42, $job['quantity']);
        [$navy, $white] = $job['garments'];
        self::assertSame([], $navy['change']['says']);
        self::assertNotSame([], $white['change']['leftOut'], 'no base on white');
        self::assertLessThan($navy['change']['secondsAPiece'], $white['change']['secondsAPiece']);
        self::assertSame([], $this->undo($id)['lines']);
        $refused = $this->ask('PATCH', "/api/jobs/$id/order", ['lines' => [['garment' => 'tees', 'colour' => '', 'hex' => '#ffffff', 'sizes' => [['size' => 'M', 'pieces' => -3]]]]], 422);
        self::assertStringContainsString('Pieces, line 1, size 1', $refused['detail']);
        $half = $this->ask('PATCH', "/api/jobs/$id/order", ['lines' => [['garment' => 'tees', 'colour' => '', 'hex' => '#ffffff', 'sizes' => [['size' => 'M', 'pieces' => 1.5]]]]], 422);
        self::assertStringContainsString('“Pieces, line 1, size 1” is 1.5, no whole number', $half['detail']);
    }

    /** @return int a job whose screens are burned */
    private function burned(): int
    {
        $id = $this->twoDotsOnFrames();
        foreach ($this->ask('GET', "/api/jobs/$id")['plates'] as $plate) {
            $this->ask('PATCH', '/api/plates/'.$plate['id'], ['burnedSeconds' => 12]);
        }

        return $id;
    }
}
