<?php

declare(strict_types=1);

namespace Ektype\App\FilmSet;

use Ektype\App\Request\UnreadableRequest;
use Ektype\App\Shop\ShopFiles;
use League\Flysystem\FilesystemException;

/** A set of films in a folder of the printer’s own: a half set is never there, and an older one is never mixed with it. */
final readonly class FilmsInFolder
{
    public function __construct(private FilmSetWriter $writer)
    {
    }

    /** @return list<string> files of a set that lies there already */
    public function older(string $out): array
    {
        if ($out === '') {
            throw UnreadableRequest::at('out', 'There is no folder to write the films to. Give one with --out=DIR.');
        }
        // The nearest that is there of it and of what it lies in.
        $there = rtrim($out, '/');
        while (!file_exists($there) && \dirname($there) !== $there) {
            $there = \dirname($there);
        }
        if (is_file($there)) {
            throw UnreadableRequest::at('out', \sprintf('“%s” is a file, not a folder, so no film can be written there. Give another --out.', $there));
        }
        if (!is_writable($there)) {
            throw UnreadableRequest::at('out', \sprintf('Nothing may be written to “%s”. Give another --out, or ask whoever looks after this computer.', $there));
        }

        return is_dir($out) ? FilmSetWriter::olderSet(ShopFiles::in($out)) : [];
    }

    /** @param list<string> $older files that go */
    public function write(string $out, Films $set, array $older): void
    {
        $set->printer->mustTake($set->sheet);
        // All is written beside the wish first: a run that breaks off leaves no half set under its name.
        $aside = rtrim($out, '/').'.part-'.getmypid();
        try {
            $names = $this->writer->write(ShopFiles::in($aside), '', $set);
        } catch (FilesystemException) {
            throw UnreadableRequest::at('out', \sprintf('The films could not be written to “%s”: the folder cannot be made there, or the disk is full. What lay there is as it was. Give another --out.', $out));
        }
        if (!is_dir($out)) {
            mkdir($out, 0o777, true);
        }
        foreach ($names as $name) {
            rename($aside.'/'.$name, $out.'/'.$name);
        }
        // Films of two sets, one beside the other, would be burned together.
        foreach (array_diff($older, $names) as $left) {
            ShopFiles::in($out)->remove($left);
        }
        rmdir($aside);
    }
}
