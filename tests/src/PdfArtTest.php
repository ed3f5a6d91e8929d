<?php

declare(strict_types=1);

namespace Ektype\Tests\App;

use PHPUnit\Framework\Attributes\DataProvider;
use Symfony\Component\HttpFoundation\File\UploadedFile;

/** A drawing that comes as PDF prints as it is drawn there: areas are known by hand. */
final class PdfArtTest extends ShopTestCase
{
    protected const BENCHES = ['art/bench'];

    public function testAVectorPdfIsSeparatedIntoItsColours(): void
    {
        // 120 × 90 mm, a straw square of 40 mm and a rust bar of 20 × 60 mm on nothing.
        $pdf = new \FPDF('L', 'mm', [90, 120]);
        $pdf->AddPage();
        $pdf->SetFillColor(240, 226, 176);
        $pdf->Rect(10, 10, 40, 40, 'F');
        $pdf->SetFillColor(184, 74, 48);
        $pdf->Rect(80, 15, 20, 60, 'F');
        $id = $this->bringPdf(self::bytes($pdf), 201)['id'];
        $this->work();
        $job = $this->ask('GET', "/api/jobs/$id");
        $areas = [];
        foreach ($job['plates'] as $plate) {
            if ($plate['artHex'] !== null) {
                $areas[$plate['artHex']] = $plate['areaCm2'];
            }
        }
        self::assertEqualsCanonicalizing(['#f0e2b0', '#b84a30'], array_keys($areas));
        self::assertEqualsWithDelta(16.0, $areas['#f0e2b0'], 0.3);
        self::assertEqualsWithDelta(12.0, $areas['#b84a30'], 0.3);
        // The ink itself: from 10 to 100 mm, and from 10 to 75.
        self::assertEqualsWithDelta(90.0, $job['inked']['widthMm'], 2 * $job['inked']['sureToMm']);
        self::assertEqualsWithDelta(65.0, $job['inked']['heightMm'], 2 * $job['inked']['sureToMm']);
    }

    #[DataProvider('unusable')]
    public function testAPdfThatCannotBePrintedFromIsRefusedInWords(string $bytes, string $says): void
    {
        $refused = $this->bringPdf($bytes, 422);
        self::assertStringContainsString($says, $refused['detail']);
        self::assertSame('art', $refused['errors'][0]['field']);
        self::assertSame([], $this->ask('GET', '/api/jobs')['jobs']);
    }

    /** @return iterable<string, array{string, string}> */
    public static function unusable(): iterable
    {
        $two = new \FPDF();
        $two->AddPage();
        $two->AddPage();
        yield 'two pages' => [self::bytes($two), 'has 2 pages'];
        yield 'cut short' => [substr(self::bytes($two), 0, 200), 'damaged'];
    }

    private static function bytes(\FPDF $pdf): string
    {
        $bytes = $pdf->Output('S');
        self::assertIsString($bytes);

        return $bytes;
    }

    /** @return array<mixed> */
    private function bringPdf(string $pdf, int $expect): array
    {
        $path = (string) tempnam(sys_get_temp_dir(), 'art');
        file_put_contents($path, $pdf);
        $this->browser->request('POST', '/api/jobs', ['widthMm' => '120', 'garmentHex' => '#1b2436'], ['art' => new UploadedFile($path, 'two-shapes.pdf', null, null, true)]);
        self::assertSame($expect, $this->browser->getResponse()->getStatusCode(), (string) $this->browser->getResponse()->getContent());
        $answer = json_decode((string) $this->browser->getResponse()->getContent(), true, 64, \JSON_THROW_ON_ERROR);
        self::assertIsArray($answer);

        return $answer;
    }
}
