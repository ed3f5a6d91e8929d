<?php

declare(strict_types=1);

namespace Ektype\App\FilmSet;

use Ektype\App\Request\UnreadableRequest;
use Ektype\App\Shop\ShopFiles;

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
        if (is_file($out)) {
            throw UnreadableRequest::at('out', \sprintf('“%s” is a file, not a folder. Give another --out.', $out));
        }

        return is_dir($out) ? FilmSetWriter::olderSet(ShopFiles::in($out)) : [];
    }

    /** @param list<string> $older files that go */
    public function write(string $out, Films $set, array $older): void
    {
        $set->printer->mustTake($set->sheet);
        // All is written beside the wish first: a run that breaks off leaves no half set under its name.
        $aside = rtrim($out, '/').'.part-'.getmypid();
        $names = $this->writer->write(ShopFiles::in($aside), '', $set);
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
