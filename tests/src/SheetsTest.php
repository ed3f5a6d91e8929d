<?php

declare(strict_types=1);

namespace Ektype\Tests\App;

use Ektype\Tests\Measure;
use PHPUnit\Framework\Attributes\DataProvider;
use Symfony\Component\HttpFoundation\File\UploadedFile;

/** Shelves go out as tables and come back; a bad row is named, and nothing of the shop is lost to it. */
final class SheetsTest extends ShopTestCase
{
    private const RACK = "Label,Threads per cm,\"Thread, µm\",Mesh colour,\"Inside across, mm\",\"Inside along, mm\",\"Tension, N/cm\"\r\n";

    #[DataProvider('someSheets')]
    public function testATableGoesOutAndComesBackUnchanged(string $kind): void
    {
        $out = $this->csv($kind);
        self::assertGreaterThan(3, substr_count($out, "\r\n"));
        $look = $this->bringTable($kind, $out);
        self::assertSame([0, 0, 0], [$look['new'], $look['changed'], $look['bad']]);
        self::assertSame(substr_count($out, "\r\n") - 1, $look['same']);
        self::assertSame($out, $this->csv($kind));
    }

    /** @return iterable<array{string}> */
    public static function someSheets(): iterable
    {
        return Measure::some(2, self::sheets());
    }

    /** @return iterable<array{string}> */
    public static function sheets(): iterable
    {
        yield 'rack' => ['rack'];
        yield 'inks' => ['inks'];
        yield 'step tests' => ['step-tests'];
        yield 'tensions' => ['tensions'];
    }

    #[DataProvider('someSheets')]
    public function testAShelfIsPutUpAnewFromItsTable(string $kind): void
    {
        $out = $this->csv($kind);
        $emptied = ['rack' => ['tension_reading', 'stencil', 'frame_change', 'frame'], 'inks' => ['ink'], 'step-tests' => ['step_test'], 'tensions' => ['tension_reading']][$kind];
        foreach ($emptied as $table) {
            $this->connection()->executeStatement('DELETE FROM '.$table);
        }
        $look = $this->bringTable($kind, $out);
        self::assertSame(substr_count($out, "\r\n") - 1, $look['new']);
        self::assertSame($out, $this->csv($kind));
    }

    public function testWhatASpreadsheetMakesOfItIsReadToo(): void
    {
        // Semicolons, decimal commas, a byte order mark, columns in another order and heads in capitals.
        $look = $this->bringTable('rack', "\u{FEFF}TENSION, N/CM;LABEL;THREADS PER CM;\"THREAD, µM\";INSIDE ACROSS, MM;INSIDE ALONG, MM;MESH COLOUR\r22,5;X1;77;55;460;560;yellow\r");
        self::assertSame(1, $look['new']);
        $frame = array_column($this->ask('GET', '/api/shop')['frames'], null, 'label')['X1'];
        self::assertSame(22.5, $frame['tensionNPerCm']);
        self::assertTrue($frame['mesh']['dyed']);
    }

    public function testEachBadRowIsNamedAndTheOthersAreTaken(): void
    {
        $look = $this->bringTable('rack', self::RACK
            ."N1,77,55,white,460,560,22\n"
            ."N2,77,400,white,460,560,22\n"
            ."N3,many,55,white,460,560,22\n"
            ."N1,90,48,white,460,560,22\n"
            ."N4,77,55,pink,460,560,900\n", look: true);
        self::assertSame([1, 4], [$look['new'], $look['bad']]);
        self::assertSame([2, 3, 4, 5, 6], array_column($look['rows'], 'row'));
        self::assertStringContainsString('no opening for ink', $look['rows'][1]['faults'][0]);
        self::assertStringContainsString('“Threads per cm” is “many”, not a number', $look['rows'][2]['faults'][0]);
        self::assertStringContainsString('two rows of frame N1, this and row 2', $look['rows'][3]['faults'][0]);
        self::assertStringContainsString('Mesh colour', implode(' ', $look['rows'][4]['faults']));
        self::assertArrayNotHasKey('N1', array_column($this->ask('GET', '/api/shop')['frames'], null, 'label'), 'a look takes nothing');
        $this->bringTable('rack', self::RACK."N1,77,55,white,460,560,22\nN2,77,400,white,460,560,22\n");
        $labels = array_column($this->ask('GET', '/api/shop')['frames'], 'label');
        self::assertContains('N1', $labels);
        self::assertNotContains('N2', $labels);
    }

    public function testARowThatTheShopRefusesLeavesTheWholeTableUntaken(): void
    {
        $id = $this->twoDotsOnFrames();
        $held = $this->ask('GET', "/api/jobs/$id")['plates'][0];
        $this->ask('PATCH', '/api/plates/'.$held['id'], ['burnedSeconds' => 12]);
        $before = $this->csv('rack');
        $refused = $this->bringTable('rack', self::RACK."Q1,77,55,white,460,560,22\n".$held['frameLabel'].",10,200,white,460,560,22\n", 422);
        self::assertStringStartsWith('Row 3: There is a stencil on frame', $refused['detail']);
        self::assertSame($before, $this->csv('rack'));
    }

    #[DataProvider('noTables')]
    public function testWhatIsNoTableOfThatShelfIsRefusedInWords(string $text, string $says): void
    {
        $refused = $this->bringTable('rack', $text, 422);
        self::assertStringContainsString($says, $refused['detail']);
    }

    /** @return iterable<string, array{string, string}> */
    public static function noTables(): iterable
    {
        yield 'nothing' => ['', 'empty'];
        yield 'a workbook' => ["PK\x03\x04rest", 'Save it as CSV'];
        yield 'another column' => ["Label,Weight\n1,2\n", 'the column “Weight” is not known here'];
        yield 'a column twice' => ["Label,Label\n1,2\n", 'stands there twice'];
    }

    public function testNamesThatLookLikeFormulasAreHarmlessOutsideAndComeBackAsTheyWere(): void
    {
        $names = ['=HYPERLINK("x")', '+1 grey', '-Dark', '@home', "'=quoted", "'tis blue"];
        foreach ($names as $name) {
            $this->ask('POST', '/api/shop/inks', ['name' => $name, 'hex' => '#c4c6c6', 'kind' => 'plastisol', 'hidingPct' => 90], 201);
        }
        $csv = $this->csv('inks');
        foreach (explode("\r\n", trim($csv)) as $line) {
            self::assertDoesNotMatchRegularExpression('/(^|,)"?[=+@\t]|(^|,)"?-\D/', $line);
        }
        $rows = $this->bringTable('inks', $csv, look: true)['rows'];
        self::assertSame(['as it is'], array_values(array_unique(array_column($rows, 'becomes'))), 'each row is what stands there');
        // Put up anew in an empty shelf it has the same names.
        $kept = array_column($this->ask('GET', '/api/shop')['inks'], 'name');
        foreach ($this->ask('GET', '/api/shop')['inks'] as $ink) {
            $this->ask('DELETE', '/api/shop/inks/'.$ink['id']);
        }
        $this->bringTable('inks', $csv);
        self::assertEqualsCanonicalizing($kept, array_column($this->ask('GET', '/api/shop')['inks'], 'name'));
    }

    #[DataProvider('endless')]
    public function testWhatIsEndlessIsRefusedAtOnce(string $text, string $says): void
    {
        $began = memory_get_usage();
        memory_reset_peak_usage();
        $refused = $this->bringTable('inks', $text, 422);
        self::assertStringContainsString($says, $refused['detail']);
        self::assertLessThan(40_000_000, memory_get_peak_usage() - $began, 'nothing of it was read');
    }

    /** @return iterable<string, array{string, string}> */
    public static function endless(): iterable
    {
        yield 'one line' => [str_repeat('a,', 400_000), 'Row 1 is longer'];
        yield 'one line after the heads' => ["Name,Colour\n".str_repeat('a,', 400_000), 'Row 2 is longer'];
        yield 'a quote that never ends' => ["Name,Colour\n\"".str_repeat("a\n", 400_000), 'Row 2 is longer'];
        yield 'more than two megabytes' => [str_repeat("a,b\n", 515_000), '2.1 MB'];
    }

    private function csv(string $kind): string
    {
        $this->browser->request('GET', "/api/sheets/$kind.csv");
        self::assertSame(200, $this->browser->getResponse()->getStatusCode());

        return (string) $this->browser->getResponse()->getContent();
    }

    /** @return array<mixed> */
    private function bringTable(string $kind, string $csv, int $expect = 200, bool $look = false): array
    {
        $path = (string) tempnam(sys_get_temp_dir(), 'table');
        file_put_contents($path, $csv);
        $this->browser->request('POST', "/api/sheets/$kind".($look ? '/look' : ''), [], ['file' => new UploadedFile($path, 'table.csv', null, null, true)]);
        $response = $this->browser->getResponse();
        self::assertSame($expect, $response->getStatusCode(), (string) $response->getContent());
        $answer = json_decode((string) $response->getContent(), true, 64, \JSON_THROW_ON_ERROR);
        self::assertIsArray($answer);

        return $answer;
    }
}
