<?php

declare(strict_types=1);

use Ektype\App\Device\SimulatedStrikeOffScanner;
use Ektype\App\Work\StrikeOff\ScannedStrikeOff;
use Ektype\Core\Colour\Srgb;
use Ektype\Core\Film\FilmSheet;
use Ektype\Core\Film\RegisterStrip;
use Ektype\Core\Raster\BitPlane;
use Ektype\Core\Registration\RigidMove;
use Ektype\Core\StrikeOff\StripPlan;
use Ektype\Core\StrikeOff\StripPlate;
use Ektype\Core\StrikeOff\UnreadableStrikeOff;
use Ektype\Core\Unit\Point;

require_once dirname(__DIR__).'/vendor/autoload.php';

/*
 * `./ektype bench scan`: a hundred simulated scans of strike-offs with known misfits, and how long a scan of 330 × 480 mm at
 * 600 pixels an inch takes. The large one is drawn here, without films: rings and crosses at their places, turned and grained.
 */

$names = ['White', 'Straw', 'Sage', 'Amber', 'Rust', 'Sea', 'Plum', 'Ink'];
$inks = ['#f4f2ea', '#efe2b8', '#8fb3a0', '#dd8a26', '#b3362b', '#2f7fbf', '#8a4f9a', '#10100f'];
$clothes = ['#1c2340', '#b9b4a8', '#2b4a2b'];
$plan = static function (FilmSheet $sheet, int $plates, string $cloth) use ($names, $inks): StripPlan {
    $strip = RegisterStrip::on($sheet, array_slice($names, 0, $plates)) ?? throw new LogicException('There is room for a strip.');
    $of = array_map(static fn (int $i): StripPlate => new StripPlate($names[$i], Srgb::fromHex($inks[$i])), range(0, $plates - 1));

    return StripPlan::of($strip, $of, Srgb::fromHex($cloth));
};
$read = static function (string $jpeg, StripPlan $plan): array {
    $path = (string) tempnam(sys_get_temp_dir(), 'scan');
    file_put_contents($path, $jpeg);
    $began = microtime(true);
    try {
        return [ScannedStrikeOff::read($path, $plan), microtime(true) - $began];
    } catch (UnreadableStrikeOff $not) {
        return [null, microtime(true) - $began];
    } finally {
        unlink($path);
    }
};
$dpi = 600.0;
$sheet = new FilmSheet((int) (90 / 25.4 * $dpi), (int) (60 / 25.4 * $dpi), $dpi, 4);
// `bench scan large` times the large one alone.
foreach (($argv[2] ?? '') === 'large' ? [] : [[300.0, 80, 0.05], [600.0, 20, 0.02]] as [$ppi, $count, $limit]) {
    $within = $unseen = $wrong = 0;
    $worst = 0.0;
    for ($seed = 1; $seed <= $count; ++$seed) {
        mt_srand($seed);
        $cloth = $clothes[$seed % 3];
        $lies = [new RigidMove(0, 0, 0)];
        for ($k = 1; $k < 4; ++$k) {
            $lies[] = new RigidMove(mt_rand(-90, 90) / 100, mt_rand(-90, 90) / 100, mt_rand(-30, 30) / 10000);
        }
        $art = array_map(static function () use ($sheet): BitPlane {
            $rows = '';
            for ($y = 0; $y < $sheet->artHeightPx; ++$y) {
                $row = str_repeat(chr(0xFF * (int) (intdiv($y, 200) % 3 === mt_rand(0, 2))), ($sheet->artWidthPx + 7) >> 3);
                $rows .= $row;
            }

            return BitPlane::within($sheet->artWidthPx, $sheet->artHeightPx, $rows);
        }, range(0, 3));
        $missing = $seed % 4 === 0 ? [1 + $seed % 3] : [];
        $jpeg = (new SimulatedStrikeOffScanner())->picture($sheet, $art, array_slice($names, 0, 4), array_map(Srgb::fromHex(...), array_slice($inks, 0, 4)), Srgb::fromHex($cloth), $lies, $ppi, $seed, $missing, $seed % 7 === 0 ? 180.0 : 0.0);
        [$seen] = $read($jpeg, $plan($sheet, 4, $cloth));
        $most = $seen === null ? \INF : 0.0;
        foreach ($seen->targets ?? [] as $target) {
            if ($target->off === null) {
                ++$unseen;
                continue;
            }
            $of = $lies[$target->plate];
            $off = max(abs($target->off->xMm - $of->xMm + $of->turnRad * $target->at->yMm), abs($target->off->yMm - $of->yMm - $of->turnRad * $target->at->xMm));
            $most = max($most, $off);
            $wrong += (int) ($off > 0.15);
        }
        $within += (int) ($most <= $limit);
        $worst = max($worst, $most);
    }
    printf("%-58s %16s   %s\n", sprintf('scans at %.0f ppi within %.2f mm', $ppi, $limit), $within.' of '.$count, sprintf('worst %.3f mm, %d targets unseen, %d wrong by 0.15 mm', $worst, $unseen, $wrong));
}

$sheet = new FilmSheet((int) (290 / 25.4 * $dpi), (int) (432 / 25.4 * $dpi), $dpi, 8);
$of = $plan($sheet, 8, '#1c2340');
[$width, $height] = [(int) (330 / 25.4 * $dpi), (int) (480 / 25.4 * $dpi)];
$picture = imagecreatetruecolor(max(1, $width), max(1, $height));
if ($picture === false) {
    throw new RuntimeException('There is no memory for the scan.');
}
$colour = static fn (string $hex): int => (int) hexdec(ltrim($hex, '#'));
imagefilledrectangle($picture, 0, 0, $width, $height, $colour('#1c2340'));
$turn = deg2rad(1.3);
$perMm = $dpi / 25.4;
$at = static fn (float $x, float $y): Point => new Point($width / 2 + $perMm * (cos($turn) * $x - sin($turn) * $y), $height / 2 - $perMm * (sin($turn) * $x + cos($turn) * $y));
imagefilledrectangle($picture, (int) (0.2 * $width), (int) (0.2 * $height), (int) (0.7 * $width), (int) (0.6 * $height), $colour($inks[3]));
$disc = static function (Point $p, float $radius, int $in) use ($picture, $perMm): void {
    imagefilledellipse($picture, (int) round($p->xMm), (int) round($p->yMm), (int) round(2 * $radius * $perMm), (int) round(2 * $radius * $perMm), $in);
};
foreach ($of->spots as $spot) {
    $disc($at($spot->xMm, $spot->yMm), RegisterStrip::SPOT_MM, $colour($inks[0]));
}
foreach ($of->slots as $slot) {
    $middle = $at($slot->at->xMm, $slot->at->yMm);
    $disc($middle, RegisterStrip::RING_MM + RegisterStrip::RING_LINE_MM / 2, $colour($inks[0]));
    $disc($middle, RegisterStrip::RING_MM - RegisterStrip::RING_LINE_MM / 2, $colour('#1c2340'));
    foreach ([[RegisterStrip::CROSS_MM, RegisterStrip::CROSS_LINE_MM / 2], [RegisterStrip::CROSS_LINE_MM / 2, RegisterStrip::CROSS_MM]] as [$right, $up]) {
        $corners = [];
        foreach ([[-1, -1], [1, -1], [1, 1], [-1, 1]] as [$sx, $sy]) {
            $p = $at($slot->at->xMm + 0.3 + $sx * $right, $slot->at->yMm - 0.2 + $sy * $up);
            array_push($corners, (int) round($p->xMm), (int) round($p->yMm));
        }
        imagefilledpolygon($picture, $corners, $colour($inks[$slot->plate]));
    }
}
foreach ($of->dots as $i => $dot) {
    if (($of->code >> $i & 1) === 1) {
        $disc($at($dot->xMm, $dot->yMm), 0.5, $colour($inks[0]));
    }
}
$tile = imagecreatetruecolor(512, 512);
if ($tile === false) {
    throw new RuntimeException('There is no memory for grain.');
}
for ($y = 0; $y < 512; ++$y) {
    for ($x = 0; $x < 512; ++$x) {
        $grey = mt_rand(60, 200);
        imagesetpixel($tile, $x, $y, $grey << 16 | $grey << 8 | $grey);
    }
}
for ($y = 0; $y < $height; $y += 512) {
    for ($x = 0; $x < $width; $x += 512) {
        imagecopymerge($picture, $tile, $x, $y, 0, 0, 512, 512, 8);
    }
}
imageresolution($picture, (int) $dpi, (int) $dpi);
foreach (['JPEG' => static fn () => imagejpeg($picture, null, 90), 'PNG' => static fn () => imagepng($picture, null, 1)] as $kind => $write) {
    ob_start();
    $write();
    $bytes = (string) ob_get_clean();
    file_put_contents(sys_get_temp_dir().'/ektype-scan.'.strtolower($kind), $bytes);
}
imagedestroy($picture);
file_put_contents(sys_get_temp_dir().'/ektype-scan.json', json_encode([
    'garment' => '#1c2340',
    'plates' => array_map(static fn (StripPlate $p): array => ['name' => $p->name, 'hex' => $p->ink->hex()], $of->plates),
    'register_strip' => [
        'code' => $of->code,
        'spots' => array_map(static fn (Point $p): array => [$p->xMm, $p->yMm], $of->spots),
        'dots' => array_map(static fn (Point $p): array => [$p->xMm, $p->yMm], $of->dots),
        'targets' => array_map(static fn ($s): array => ['corner' => $s->corner, 'plate' => $s->plate + 1, 'at_mm' => [$s->at->xMm, $s->at->yMm]], $of->slots),
    ],
], \JSON_THROW_ON_ERROR));
foreach (['jpeg', 'png'] as $kind) {
    $began = microtime(true);
    $file = sys_get_temp_dir().'/ektype-scan.'.$kind;
    exec(sprintf('/usr/bin/env php -d memory_limit=2G -r %s %s console register:read %s %s 2>/dev/null', escapeshellarg('$p = proc_open(array_slice($argv, 1), [1 => ["pipe", "w"]], $pipes); $out = stream_get_contents($pipes[1]); proc_close($p); $used = getrusage(1); echo $out, "\nPEAK ", intdiv($used["ru_maxrss"], 1024);'), escapeshellarg(dirname(__DIR__).'/ektype'), escapeshellarg($file), escapeshellarg(sys_get_temp_dir().'/ektype-scan.json')), $lines);
    $told = implode("\n", $lines);
    $lines = [];
    $peak = preg_match('/PEAK (\d+)/', $told, $found) === 1 ? (int) $found[1] : 0;
    printf("%-58s %16s   %s\n", sprintf('register:read of 330 × 480 mm at 600 ppi, %s, %.0f MB', $kind, (int) filesize($file) / 1e6), sprintf('%.2f s', microtime(true) - $began), sprintf('aim 6 s, 1 GB; %d MB, %d targets read', $peak, substr_count($told, '"not_seen": ""')));
    if (($argv[3] ?? '') !== 'keep') {
        unlink($file);
    }
}
