<?php

declare(strict_types=1);

namespace Ektype\Tests\Core;

use PHPUnit\Framework\TestCase;

/** Keeps the arrows of the house: web → Api → (Shop, core); core imports only itself and PHP; no stage imports another. */
final class ArchitectureTest extends TestCase
{
    public function testCoreImportsOnlyItselfAndPhp(): void
    {
        foreach (self::imports('core') as $file => $classes) {
            foreach ($classes as $class) {
                self::assertMatchesRegularExpression('/^Ektype\\\\Core\\\\|^Random\\\\|^[^\\\\]+$/', $class, $file);
            }
        }
    }

    public function testNoTwoRoomsOfTheCoreKnowEachOtherBothWays(): void
    {
        $knows = [];
        foreach (self::imports('core') as $file => $classes) {
            foreach ($classes as $class) {
                $knows[explode('/', explode('/core/', $file)[1])[0]][explode('\\', $class)[2] ?? ''] = $file;
            }
        }
        self::assertGreaterThan(20, \count($knows));
        foreach ($knows as $room => $others) {
            foreach ($others as $other => $file) {
                self::assertFalse($room !== $other && isset($knows[$other][$room]), "$room and $other: $file");
            }
        }
    }

    public function testShopNeverCallsTheApiOrTheWork(): void
    {
        foreach (self::imports('src/Shop') as $file => $classes) {
            foreach ($classes as $class) {
                self::assertDoesNotMatchRegularExpression('/^Ektype\\\\App\\\\(?!Shop|Plan)/', $class, $file);
            }
        }
    }

    /** What the docs say where things stand is so. */
    public function testThePlacesThatTheDocsNameAreThere(): void
    {
        $root = \dirname(__DIR__, 2);
        preg_match_all('~`((?:core|src|web/src|tests)/[\w./-]+)`~', (string) file_get_contents($root.'/docs/developing.md'), $found);
        self::assertGreaterThan(20, \count($found[1]));
        foreach (array_unique($found[1]) as $place) {
            self::assertFileExists(is_file("$root/$place.php") ? "$root/$place.php" : "$root/$place");
        }
    }

    public function testNoStageOfThePagesImportsAnother(): void
    {
        $root = \dirname(__DIR__, 2).'/web/src/stages/';
        $seen = 0;
        foreach (self::files($root, 'tsx') as $file) {
            $stage = explode('/', substr($file, \strlen($root)))[0];
            preg_match_all('/from "([^"]+)"/', (string) file_get_contents($file), $found);
            foreach ($found[1] as $import) {
                ++$seen;
                self::assertDoesNotMatchRegularExpression(
                    '#^\.\./(?!\.\.)[a-z]+/#',
                    $import,
                    $stage.' imports another stage in '.basename($file),
                );
            }
        }
        self::assertGreaterThan(20, $seen);
    }

    /** @return array<string, list<string>> */
    private static function imports(string $folder): array
    {
        $imports = [];
        foreach (self::files(\dirname(__DIR__, 2).'/'.$folder, 'php') as $file) {
            preg_match_all('/^use (?:function |const )?([\w\\\\]+)/m', (string) file_get_contents($file), $found);
            $imports[$file] = $found[1];
        }
        self::assertNotSame([], $imports);

        return $imports;
    }

    /** @return list<string> */
    private static function files(string $folder, string $ending): array
    {
        $files = [];
        foreach (new \RecursiveIteratorIterator(new \RecursiveDirectoryIterator($folder, \FilesystemIterator::SKIP_DOTS)) as $file) {
            if ($file instanceof \SplFileInfo && $file->getExtension() === $ending) {
                $files[] = $file->getPathname();
            }
        }

        return $files;
    }
}
