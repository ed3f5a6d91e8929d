<?php

declare(strict_types=1);

namespace Ektype\Tests\App;

/** What a change makes old says so where it stands; what hardly shows on the cloth says so before anything is made. */
final class MindsTest extends ShopTestCase
{
    private const STRAW = '<svg xmlns="http://www.w3.org/2000/svg" viewBox="0 0 100 60"><rect x="5" y="5" width="50" height="50" fill="#f0e4ba"/><rect x="60" y="5" width="35" height="50" fill="#c8262c"/></svg>';

    public function testAfterTheGarmentChangedNothingOldIsPraised(): void
    {
        $id = $this->twoDotsSeparated();
        $this->ask('POST', "/api/jobs/$id/films", null, 202);
        $this->work();
        $this->ask('PATCH', "/api/jobs/$id/order", ['garmentName' => 'Night navy']);
        $this->ask('POST', "/api/jobs/$id/films", null, 202);
        $this->work();
        $before = $this->ask('GET', "/api/jobs/$id");
        self::assertTrue($before['filmsCurrent']);
        self::assertSame([], $before['minds']);
        self::assertStringNotContainsString('approve nothing', $this->proof($id));

        $after = $this->ask('PATCH', "/api/jobs/$id/order", ['garmentHex' => '#ffffff']);
        self::assertFalse($after['separationCurrent']);
        self::assertFalse($after['filmsCurrent'], 'films of plates that are old are old');
        self::assertSame(['', 'white'], [$after['garmentName'], $after['cloth']], 'another colour has another name');
        self::assertSame(['open', 'open'], [$after['plates'][0]['stages']['plates'], $after['plates'][0]['stages']['films']]);
        self::assertSame(['plates', 'films', 'screens', 'light', 'press', 'run'], \array_slice(array_column($after['minds'], 'stage'), 0, 6));
        self::assertStringContainsString('burn none of them', $after['minds'][1]['says']);
        self::assertStringContainsString('print nothing by it', $after['minds'][5]['says']);
        self::assertStringContainsString('approve nothing', $this->proof($id));
        self::assertNull($this->ask('GET', "/api/jobs/$id/films")['plates'][0]['filmName'], 'no old film is offered');

        self::assertSame([], array_values(array_filter($this->undo($id)['minds'], static fn (array $m): bool => str_contains($m['says'], 'before'))));
    }

    public function testGarmentsOfTheOldColourFollowAndOthersStay(): void
    {
        $id = $this->twoDotsSeparated();
        $job = $this->ask('GET', "/api/jobs/$id");
        $line = static fn (string $colour, string $hex, int $pieces): array => ['garment' => 'tees', 'colour' => $colour, 'hex' => $hex, 'sizes' => [['size' => 'M', 'pieces' => $pieces]]];
        $this->ask('PATCH', "/api/jobs/$id/order", ['lines' => [$line($job['garmentName'], $job['garmentHex'], 10), $line('sand', '#d8c49c', 5)]]);
        $after = $this->ask('PATCH', "/api/jobs/$id/order", ['garmentHex' => '#ffffff', 'garmentName' => 'White']);
        self::assertSame([['White', '#ffffff'], ['sand', '#d8c49c']], array_map(static fn (array $l): array => [$l['colour'], strtolower($l['hex'])], $after['lines']));
        self::assertSame(15, $after['quantity']);
    }

    public function testStrawOnWhiteIsWarnedOfBeforeFilms(): void
    {
        $job = $this->bring(self::STRAW, ['garmentHex' => '#ffffff']);
        $this->work();
        $white = $this->ask('GET', '/api/jobs/'.$job['id']);
        self::assertSame(['art', 'plates', 'films'], array_column($white['minds'], 'stage'));
        self::assertStringContainsString('hardly shows on white', $white['minds'][0]['says']);
        self::assertStringNotContainsString('Scarlet', $white['minds'][0]['says']);
        $dark = $this->bring(self::STRAW, ['garmentHex' => '#1b2440']);
        $this->work();
        self::assertSame([], $this->ask('GET', '/api/jobs/'.$dark['id'])['minds']);
    }

    private function proof(int $job): string
    {
        $this->browser->request('GET', "/api/jobs/$job/proof.pdf");
        $pdf = (string) tempnam(sys_get_temp_dir(), 'proof');
        file_put_contents($pdf, $this->browser->getInternalResponse()->getContent());
        $text = (string) shell_exec('pdftotext -layout '.escapeshellarg($pdf).' -');
        unlink($pdf);

        return (string) preg_replace('/\s+/', ' ', $text);
    }
}
