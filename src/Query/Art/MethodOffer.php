<?php

declare(strict_types=1);

namespace Ektype\App\Query\Art;

use Ektype\Core\Separation\MethodName;

/** A way in which this art could become plates, what it would look like on this garment, and what it takes. */
final readonly class MethodOffer
{
    /**
     * @param bool         $fits          whether it suits the art
     * @param string       $why           a plain sentence
     * @param int|null     $plates        how many; null where it cannot be
     * @param float|null   $deltaE        how far the print is from the art in the mean, ΔE00
     * @param float|null   $p95           95 % of it is nearer, ΔE00
     * @param float|null   $setUpMin      minutes until the first good print (heuristic)
     * @param float|null   $secondsAShirt (heuristic)
     * @param float|null   $inkGrams      of one print
     * @param list<string> $risks         what could go wrong
     * @param string       $key           of its picture: another key is another picture; empty where there is none
     */
    public function __construct(
        public MethodName $method,
        public string $title,
        public bool $fits,
        public bool $followed,
        public string $why,
        public ?int $plates,
        public ?float $deltaE,
        public ?float $p95,
        public ?float $setUpMin,
        public ?float $secondsAShirt,
        public ?float $inkGrams,
        public array $risks,
        public string $key,
    ) {
    }
}
