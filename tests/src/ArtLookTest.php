<?php

declare(strict_types=1);

namespace Ektype\Tests\App;

use Symfony\Component\HttpFoundation\File\UploadedFile;

/** A picture before it is a job: where its ink is, and how large it can be printed here. */
final class ArtLookTest extends ShopTestCase
{
    /** Ink from 20 to 80 across and from 30 to 60 down, of 100 × 90. */
    private const DRAWING = '<svg xmlns="http://www.w3.org/2000/svg" viewBox="0 0 100 90">%s<rect x="20" y="30" width="60" height="30" fill="#c8262c"/></svg>';

    public function testTheInkOfADrawingOnNothingAndOnPaperIsFoundAndPrintedAlone(): void
    {
        foreach (['', '<rect width="100" height="90" fill="#fff"/>'] as $ground) {
            $seen = $this->look(\sprintf(self::DRAWING, $ground));
            self::assertIsArray($seen['ink']);
            foreach (['left' => 0.2, 'top' => 1 / 3, 'width' => 0.6, 'height' => 1 / 3] as $side => $share) {
                self::assertEqualsWithDelta($share, $seen['ink'][$side], 0.008, $side.$ground);
            }
            self::assertEqualsWithDelta(0.5, $seen['inkHeightPerWidth'], 0.01);
            self::assertEqualsWithDelta(0.9, $seen['heightPerWidth'], 1e-6);
        }
        $panel = $this->look(\sprintf(self::DRAWING, '<rect width="100" height="90" fill="#123"/>'));
        self::assertIsArray($panel['ink']);
        self::assertEquals([0, 1], [$panel['ink']['left'], $panel['ink']['width']], 'a dark panel prints');

        $whole = $this->bring(\sprintf(self::DRAWING, ''), ['widthMm' => '120', 'garmentHex' => '#101010']);
        $alone = $this->bring(\sprintf(self::DRAWING, ''), ['widthMm' => '120', 'garmentHex' => '#101010', 'part' => 'ink']);
        self::assertEqualsWithDelta(108, $whole['heightMm'], 0.01);
        self::assertEqualsWithDelta(60, $alone['heightMm'], 1.0, 'the width is that of the ink');
    }

    public function testAPictureWithClearEdgesIsFoundTheSame(): void
    {
        $picture = new \Imagick();
        $picture->newImage(1000, 900, new \ImagickPixel('transparent'), 'png');
        $draw = new \ImagickDraw();
        $draw->setFillColor('#c8262c');
        $draw->rectangle(200, 300, 799, 599);
        $picture->drawImage($draw);
        $seen = $this->look($picture->getImageBlob(), 'art.png');
        self::assertIsArray($seen['ink']);
        self::assertEqualsWithDelta(0.2, $seen['ink']['left'], 0.004);
        self::assertEqualsWithDelta(0.6, $seen['ink']['width'], 0.006);
        self::assertSame('art', $this->look('no picture at all', 'art.png', 422)['field'] ?? 'art');
    }

    public function testAHairlineAtTheEdgeIsNotCutOff(): void
    {
        $seen = $this->look(\sprintf(self::DRAWING, '<rect x="88" y="20" width="0.09" height="50" fill="#c8262c"/>'));
        self::assertIsArray($seen['ink']);
        self::assertEqualsWithDelta(0.68, $seen['ink']['width'], 0.01);
        self::assertEqualsWithDelta(50 / 90, $seen['ink']['height'], 0.01);
    }

    /** @return array<mixed> */
    private function look(string $bytes, string $name = 'art.svg', int $expect = 200): array
    {
        $path = (string) tempnam(sys_get_temp_dir(), 'look');
        file_put_contents($path, $bytes);
        $this->browser->request('POST', '/api/art/look', [], ['art' => new UploadedFile($path, $name, null, null, true)]);
        unlink($path);
        $response = $this->browser->getResponse();
        self::assertSame($expect, $response->getStatusCode(), substr((string) $response->getContent(), 0, 600));
        $answer = json_decode((string) $response->getContent(), true, 64, \JSON_THROW_ON_ERROR);
        self::assertIsArray($answer);

        return $answer;
    }
}
