<?php

declare(strict_types=1);

namespace Ektype\Bench;

use Ektype\Bench\Mutants\Fault;
use Ektype\Bench\Mutants\Faults;
use Ektype\Bench\Mutants\Nearest;
use Ektype\Bench\Mutants\Run;
use Random\Engine\Mt19937;
use Random\Randomizer;

require __DIR__.'/../vendor/autoload.php';

/*
 * ./ektype mutants PATH …: plants one fault at a time in the files of a path, runs the nearest tests, and lists the faults
 * that no test noticed. --sample=N takes so many of them by chance, --seed=N other ones.
 */

$root = \dirname(__DIR__);
$say = static function (string $text): void { fwrite(\STDERR, $text); };
$options = ['sample' => 0, 'seed' => 1];
$paths = [];
foreach (\array_slice($argv, 1) as $word) {
    if (preg_match('/^--(sample|seed)=(\d+)$/', $word, $found) === 1) {
        $options[$found[1]] = (int) $found[2];
    } else {
        $paths[] = rtrim($word, '/');
    }
}
if ($paths === []) {
    $say("Name a file or a folder: ./ektype mutants core/Press, or core src/Action --sample=300\n");
    exit(1);
}
$faults = $codes = [];
foreach ($paths as $path) {
    $files = is_dir("$root/$path") ? new \RegexIterator(new \RecursiveIteratorIterator(new \RecursiveDirectoryIterator("$root/$path", \FilesystemIterator::SKIP_DOTS)), '/\.php$/') : [new \SplFileInfo("$root/$path")];
    foreach ($files as $file) {
        $name = substr($file->getPathname(), \strlen($root) + 1);
        $codes[$name] = (string) file_get_contents($file->getPathname());
        $faults = [...$faults, ...Faults::in($name, $codes[$name])];
    }
}
usort($faults, static fn (Fault $a, Fault $b): int => [$a->file, $a->from] <=> [$b->file, $b->from]);
if ($options['sample'] > 0) {
    $faults = \array_slice((new Randomizer(new Mt19937($options['seed'])))->shuffleArray($faults), 0, $options['sample']);
}
$say(\sprintf("%d faults to plant.\n", \count($faults)));
$nearest = Nearest::of($root, $say);
$lived = $rooms = [];
foreach ($faults as $n => $fault) {
    $code = $codes[$fault->file];
    $planted = (string) tempnam(sys_get_temp_dir(), 'fault');
    file_put_contents($planted, $fault->planted($code));
    preg_match('/^namespace ([^;]+);/m', $code, $in);
    $class = ($in[1] ?? '').'\\'.basename($fault->file, '.php');
    $tests = $nearest->to($fault->file);
    $lives = Run::phpunit($root, $tests, ['EKTYPE_PLANTED' => "$class=$planted"], 120.0);
    unlink($planted);
    $room = \dirname($fault->file);
    $rooms[$room] ??= [0, 0];
    ++$rooms[$room][0];
    if ($lives) {
        ++$rooms[$room][1];
        $lived[] = $fault->says($code).($tests === [] ? ' (no test loads it)' : '');
        echo 'lived  ', end($lived), "\n";
    }
    $say(\sprintf("\r%d of %d, %d lived ", $n + 1, \count($faults), \count($lived)));
}
$say("\n");
ksort($rooms);
foreach ($rooms as $room => [$all, $alive]) {
    printf("%-28s %3d planted, %3d lived\n", $room, $all, $alive);
}
printf("%d of %d lived, %.0f %%\n", \count($lived), \count($faults), 100 * \count($lived) / max(1, \count($faults)));
