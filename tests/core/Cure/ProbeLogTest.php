<?php

declare(strict_types=1);

namespace Ektype\Tests\Core\Cure;

use Ektype\Core\Cure\CureCurve;
use Ektype\Core\Cure\CureVerdict;
use Ektype\Core\Cure\Dryer;
use Ektype\Core\Cure\DryerLearned;
use Ektype\Core\Cure\ImpossibleCure;
use Ektype\Core\Cure\ProbeLog;
use Ektype\Core\Cure\UnreadableLog;
use Ektype\Core\Flash\Underlay;
use Ektype\Core\Ink\CureNeed;
use Ektype\Core\Plate\Substrate;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class ProbeLogTest extends TestCase
{
    private const CELSIUS = [25.0, 80.0, 120.0, 148.0, 156.0, 161.0, 158.0];

    /** The same run as loggers write it. */
    #[DataProvider('layouts')]
    public function testARunIsReadHoweverItIsWritten(string $text): void
    {
        $log = ProbeLog::read($text);
        self::assertEqualsWithDelta([0, 10, 20, 30, 40, 50, 60], $log->seconds, 1e-3);
        self::assertEqualsWithDelta(self::CELSIUS, $log->celsius, 0.06);
    }

    /** @return iterable<string, array{string}> */
    public static function layouts(): iterable
    {
        $rows = static function (\Closure $row): string {
            $text = '';
            foreach (self::CELSIUS as $i => $celsius) {
                $line = $row($i, $celsius);
                $text .= \is_string($line) ? $line : '';
            }

            return $text;
        };
        yield 'commas' => ["Time (s),Temp (°C)\n".$rows(static fn (int $i, float $c): string => \sprintf("%d,%.1f\n", 10 * $i, $c))];
        yield 'semicolons and decimal commas' => ["Zeit;Kanal 1\r\n".$rows(static fn (int $i, float $c): string => \sprintf("%d,0;%s\r\n", 10 * $i, str_replace('.', ',', \sprintf('%.1f', $c))))];
        yield 'tabs, no head' => [$rows(static fn (int $i, float $c): string => \sprintf("%d\t%.1f\n", 10 * $i, $c))];
        yield 'a clock over midnight' => ["Logger 7\nrun of monday\nDate Time,Ch1\n".$rows(static fn (int $i, float $c): string => \sprintf("2026-12-0%d %02d:%02d:%02d,%.1f\n", $i < 3 ? 1 : 2, $i < 3 ? 23 : 0, $i < 3 ? 59 : 0, $i < 3 ? 30 + 10 * $i : 10 * ($i - 3), $c))];
        yield 'an afternoon clock' => ["time,temp\n".$rows(static fn (int $i, float $c): string => \sprintf("1:%02d:%02d PM,%.1f\n", 10 + intdiv(10 * $i, 60), 10 * $i % 60, $c))];
        yield 'minutes' => ["Elapsed [min],T1 [C]\n".$rows(static fn (int $i, float $c): string => \sprintf("%.6f,%.1f\n", $i / 6, $c))];
        yield 'fahrenheit' => ["sec,Temp (F)\n".$rows(static fn (int $i, float $c): string => \sprintf("%d,%.2f\n", 10 * $i, 1.8 * $c + 32))];
        yield 'fahrenheit that nobody names' => ["s,T\n".$rows(static fn (int $i, float $c): string => \sprintf("%d,%.2f\n", 10 * $i, 1.8 * $c + 32))];
        yield 'numbered, quoted, several probes' => ["\"No\",\"Seconds\",\"Left\",\"Middle\"\n".$rows(static fn (int $i, float $c): string => \sprintf("\"%d\",\"%.1f\",\"%.1f\",\"%.1f\"\n", $i + 1, 10.0 * $i, $c + 6, $c))];
        yield 'from another logger, in sixteen bits' => ["\xff\xfe".mb_convert_encoding("Time(s)\tTemp\n".$rows(static fn (int $i, float $c): string => \sprintf("%d\t%.1f\n", 10 * $i, $c)), 'UTF-16LE', 'UTF-8')];
        yield 'with its unit beside each' => ["run\n".$rows(static fn (int $i, float $c): string => \sprintf("%d;%.1f °C\n", 10 * $i, $c))];
    }

    /** Time over temperature between readings goes by the straight line between them. */
    public function testTheVerdictIsWhatTheLineSays(): void
    {
        $log = ProbeLog::read("s,C\n0,25\n10,125\n20,145\n30,165\n40,165\n50,125\n");
        $verdict = CureVerdict::of($log, CureNeed::plastisol());
        self::assertTrue($verdict->cured);
        // Over 150: a quarter and a half of the rise, all of the top, three eighths of the fall.
        self::assertEqualsWithDelta(7.5 + 10 + 3.75, $verdict->overS, 1e-9);
        self::assertSame(165.0, $verdict->peakC);
        self::assertNull($verdict->flatS);
        self::assertStringContainsString('Under-cured', CureVerdict::of(ProbeLog::read("s,C\n0,25\n10,90\n20,120\n30,140\n40,141\n"), CureNeed::plastisol())->says);
        self::assertStringContainsString('Slow the belt', CureVerdict::of($log, CureNeed::waterBased())->says);
        self::assertStringContainsString('Too hot', CureVerdict::of(ProbeLog::read("s,C\n0,25\n10,120\n20,170\n30,190\n40,191\n"), CureNeed::plastisol())->says);
        $held = CureVerdict::of(ProbeLog::read("s,C\n0,25\n10,66\n20,68\n30,70\n40,71\n50,120\n60,150\n160,152\n"), CureNeed::waterBased());
        self::assertEqualsWithDelta(30.0, $held->flatS, 1e-9, 'water held it back');
        self::assertTrue($held->cured);
    }

    /** A dryer that gives 0.75 of the usual heat: its own curve with a probe’s noise tells it. */
    public function testAProbeTellsWhatTheDryerGives(): void
    {
        foreach ([0.75, 1.0, 1.4] as $times) {
            $curve = CureCurve::of((new Dryer())->heating($times), 60.0, Underlay::of(Substrate::Cotton), CureNeed::plastisol(), 24.0);
            $text = "s,C\n";
            foreach ($curve->points as $point) {
                $text .= \sprintf("%.1f,%.1f\n", $point->s, $point->throughC);
            }
            self::assertEqualsWithDelta($times, DryerLearned::times(ProbeLog::read($text), new Dryer(), 60.0, Underlay::of(Substrate::Cotton), 24.0), 0.03);
        }
        $this->expectException(ImpossibleCure::class);
        DryerLearned::times(ProbeLog::read("s,C\n0,20\n10,21\n20,22\n30,24\n40,25\n"), new Dryer(), 60.0, Underlay::of(Substrate::Cotton), 45.0);
    }

    #[DataProvider('others')]
    public function testWhatIsNoRunIsRefused(string $text): void
    {
        $this->expectException(UnreadableLog::class);
        ProbeLog::read($text);
    }

    /** @return iterable<string, array{string}> */
    public static function others(): iterable
    {
        yield 'nothing' => [''];
        yield 'a letter' => ["Dear printer,\nthe dryer is broken.\nYours\n"];
        yield 'a picture' => ["\x89PNG\r\n\x1a\n".str_repeat("\0\x12\x7f", 400)];
        yield 'three readings' => ["s,C\n0,20\n1,30\n2,40\n"];
        yield 'time backwards' => ["s,C\n0,20\n10,30\n5,40\n20,50\n30,60\n40,70\n"];
        yield 'no garment is so hot' => ["s,C\n0,20\n10,900\n20,1500\n30,1600\n40,1700\n"];
        yield 'times alone' => ["10:00:00\n10:00:10\n10:00:20\n10:00:30\n10:00:40\n"];
    }
}
