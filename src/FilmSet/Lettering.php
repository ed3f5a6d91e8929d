<?php

declare(strict_types=1);

namespace Ektype\App\FilmSet;

use Symfony\Component\Process\Process;

/** The fonts that a drawing sets its letters in, against those of this machine. */
final class Lettering
{
    /** Names that stand for whatever there is. */
    private const ANY = ['serif', 'sans-serif', 'monospace', 'cursive', 'fantasy', 'system-ui', 'inherit', 'initial', 'unset'];
    private const SECONDS = 10;

    /** @return list<string> a plain sentence where letters would come out in another font than they were drawn in */
    public static function missing(string $svg): array
    {
        if (preg_match('/<(?:\w+:)?(text|tspan)\b/', $svg) !== 1) {
            return [];
        }
        $here = self::here();
        $missing = $here === [] ? [] : array_values(array_diff(self::asked($svg), $here));

        return $missing === [] ? [] : [\sprintf(
            'The drawing sets letters in %s, which %s not on this machine: they come out in another font. Turn the letters into outlines in the drawing program and bring it again.',
            implode(', ', array_map(static fn (string $name): string => '“'.$name.'”', $missing)),
            \count($missing) === 1 ? 'is' : 'are',
        )];
    }

    /** @return list<string> the first named font of each list, in small letters */
    public static function asked(string $svg): array
    {
        preg_match_all('/font-family\s*(?:=\s*"([^"]*)"|=\s*\'([^\']*)\'|:\s*("[^"]*"|\'[^\']*\'|[^;}"\'<]*))/i', $svg, $found, \PREG_SET_ORDER);
        $asked = [];
        foreach ($found as $one) {
            $first = strtolower(trim(explode(',', html_entity_decode(implode('', \array_slice($one, 1))))[0], " \t\r\n'\""));
            if ($first !== '' && !\in_array($first, self::ANY, true)) {
                $asked[] = $first;
            }
        }

        return array_values(array_unique($asked));
    }

    /** @return list<string> in small letters; empty where nobody can tell */
    private static function here(): array
    {
        $list = new Process(['fc-list', ':', 'family'], timeout: self::SECONDS);
        if ($list->run() !== 0) {
            return [];
        }
        $families = preg_split('/[\n,]/', strtolower($list->getOutput()), -1, \PREG_SPLIT_NO_EMPTY);

        return array_map(trim(...), $families === false ? [] : $families);
    }
}
