<?php

declare(strict_types=1);

namespace Ektype\Core\Method\Layers;

use Ektype\Core\Colour\Lab;
use Ektype\Core\Colour\Srgb;

/** Which layers of a chain each colour takes: the nearest, and where edges run out, the next and how far it is on the way there. */
final readonly class LayerTable
{
    public const STEPS = 32;

    /**
     * @param string $first  the layers that come nearest, a byte a step, red fastest
     * @param string $second the next; empty where edges are clean
     * @param string $part   how far it is on the way there, of 255
     */
    private function __construct(public string $first, public string $second, public string $part)
    {
    }

    public static function of(LayerChain $chain, LayerEdge $edge): self
    {
        [$first, $second, $part] = ['', '', ''];
        $code = static fn (int $n): int => (int) round(255 * $n / (self::STEPS - 1));
        for ($i = 0; $i < self::STEPS ** 3; ++$i) {
            $lab = Lab::of(new Srgb($code($i % self::STEPS), $code(intdiv($i, self::STEPS) % self::STEPS), $code(intdiv($i, self::STEPS ** 2))));
            if ($edge === LayerEdge::Clean) {
                $first .= \chr($chain->nearest($lab)[0]);
                continue;
            }
            [$one, $two, $t] = $chain->between($lab);
            $first .= \chr($one);
            $second .= \chr($two);
            $part .= \chr((int) round(255 * $t));
        }

        return new self($first, $second, $part);
    }

    /** To be kept. */
    public function written(): string
    {
        return $this->first.$this->second.$this->part;
    }

    /** @throws \UnexpectedValueException where it is no such text */
    public static function read(string $written): self
    {
        $each = self::STEPS ** 3;

        return match (\strlen($written)) {
            $each => new self($written, '', ''),
            3 * $each => new self(substr($written, 0, $each), substr($written, $each, $each), substr($written, 2 * $each)),
            default => throw new \UnexpectedValueException('A kept table of layers is damaged.'),
        };
    }
}
