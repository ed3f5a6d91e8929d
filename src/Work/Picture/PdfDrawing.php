<?php

declare(strict_types=1);

namespace Ektype\App\Work\Picture;

use Ektype\Core\Art\ArtFile;
use Ektype\Core\Art\UnreadableArt;
use Symfony\Component\Process\Exception\ProcessTimedOutException;
use Symfony\Component\Process\Process;

/** A drawing that was brought as PDF, as the SVG that poppler (pdftocairo, from Debian) makes of its only page. */
final class PdfDrawing
{
    private const SECONDS = 40;
    private const HEAD = '%PDF-';
    /** The head may follow after some other bytes. */
    private const HEAD_WITHIN = 1024;

    public static function isOne(string $path): bool
    {
        $head = is_file($path) ? (string) file_get_contents($path, false, null, 0, self::HEAD_WITHIN) : '';

        return str_contains($head, self::HEAD);
    }

    /**
     * Hands on a picture as it can be read: one that was brought as PDF as its drawing, which is removed afterwards.
     *
     * @template T
     *
     * @param \Closure(string): T $with
     *
     * @return T
     *
     * @throws UnreadableArt where it cannot be printed from
     */
    public static function opened(string $path, \Closure $with): mixed
    {
        if (!self::isOne($path)) {
            return $with($path);
        }
        $svg = self::svg($path);
        try {
            return $with($svg);
        } finally {
            unlink($svg);
        }
    }

    /**
     * @return string path of a new SVG, which is the caller’s to remove
     *
     * @throws UnreadableArt where it cannot be printed from
     */
    public static function svg(string $pdf): string
    {
        $told = self::run(['pdfinfo', $pdf]);
        if ($told->getExitCode() !== 0) {
            throw UnreadableArt::at('art', str_contains($told->getErrorOutput(), 'password')
                ? 'The PDF is locked with a password, so nothing can be read from it. Save it without one and bring that.'
                : 'The PDF is damaged, so there is nothing to print from. Save it again from the drawing program.');
        }
        $pages = preg_match('/^Pages:\s+(\d+)/m', $told->getOutput(), $found) === 1 ? (int) $found[1] : 1;
        if ($pages !== 1) {
            throw UnreadableArt::at('art', \sprintf('The PDF has %d pages, and a print is one. Save the page that is printed as a PDF of its own.', $pages));
        }
        $svg = tempnam(sys_get_temp_dir(), 'ektype');
        if ($svg === false) {
            throw new \RuntimeException('There is no room for temporary files.');
        }
        $drawn = self::run(['pdftocairo', '-svg', $pdf, $svg]);
        clearstatcache(true, $svg);
        $bytes = (int) @filesize($svg);
        if ($drawn->getExitCode() !== 0 || $bytes === 0) {
            @unlink($svg);
            throw UnreadableArt::at('art', 'The PDF could not be drawn. Save it again from the drawing program, or save the drawing as SVG.');
        }
        if ($bytes > ArtFile::MOST_BYTES) {
            @unlink($svg);
            throw UnreadableArt::at('art', 'The drawing in the PDF unpacks to more than 64 MB. Save it as PNG at the size it will print, 300 to 600 ppi.');
        }

        return $svg;
    }

    /** @param list<string> $command */
    private static function run(array $command): Process
    {
        $process = new Process($command, timeout: self::SECONDS);
        try {
            $process->run();
        } catch (ProcessTimedOutException) {
            throw UnreadableArt::at('art', \sprintf('The PDF was not read within %d seconds: it holds more than a drawing does. Save it as PNG at the size it will print, 300 to 600 ppi.', self::SECONDS));
        }

        return $process;
    }
}
