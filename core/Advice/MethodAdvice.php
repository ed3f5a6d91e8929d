<?php

declare(strict_types=1);

namespace Ektype\Core\Advice;

use Ektype\Core\Separation\MethodName;

/** Which way to print a picture: the cheapest of those that come near enough, in a sentence. */
final readonly class MethodAdvice
{
    /** A minute of set-up, and a second of every shirt, count alike at so many shirts (heuristic: the run is paid by the minute). */
    private const SHIRTS = 60;

    private function __construct(public MethodName $method, public string $sentence)
    {
    }

    /**
     * @param list<PrintWay> $ways
     * @param int            $shirts of the run; 0 where nobody told yet
     * @param int|null       $heads  of the press; null where none was chosen
     */
    public static function of(array $ways, Care $care, int $shirts, ?int $heads): ?self
    {
        $can = array_values(array_filter($ways, static fn (PrintWay $w): bool => $w->plates !== [] && $w->suitsCloth && ($heads === null || \count($w->plates) <= $heads)));
        if ($can === []) {
            return null;
        }
        $minutes = static fn (PrintWay $way): float => $way->setUpMin + ($shirts === 0 ? self::SHIRTS : $shirts) * $way->secondsAShirt / 60;
        $passing = array_values(array_filter($can, static fn (PrintWay $w): bool => $w->off() <= $care->passes()));
        if ($passing === []) {
            usort($can, static fn (PrintWay $a, PrintWay $b): int => $a->off() <=> $b->off());

            return new self($can[0]->method, \sprintf(
                '%s comes nearest, colour error ΔE00 %.1f; nothing on this shelf comes within the %.1f that %s work asks for. Another ink would help most.',
                $can[0]->method->title(),
                $can[0]->mean,
                $care->passes(),
                $care->value,
            ));
        }
        usort($passing, static fn (PrintWay $a, PrintWay $b): int => [!$a->fits, $minutes($a)] <=> [!$b->fits, $minutes($b)]);
        $best = $passing[0];
        $nearer = array_values(array_filter($can, static fn (PrintWay $w): bool => $w->off() < $best->off() - 0.5));
        usort($nearer, static fn (PrintWay $a, PrintWay $b): int => $a->off() <=> $b->off());

        return new self($best->method, \sprintf(
            '%s: %d %s, colour error ΔE00 %.1f%s where %s work asks for %.1f, and the least press time of those that do.%s',
            $best->method->title(),
            \count($best->plates),
            \count($best->plates) === 1 ? 'screen' : 'screens',
            $best->mean,
            $best->drift < 0.5 ? '' : \sprintf(' and %.1f of drift over a run', $best->drift),
            $care->value,
            $care->passes(),
            $nearer === [] ? '' : \sprintf(' %s would come nearer, %.1f, for %+.0f minutes.', $nearer[0]->method->title(), $nearer[0]->mean, $minutes($nearer[0]) - $minutes($best)),
        ));
    }
}
