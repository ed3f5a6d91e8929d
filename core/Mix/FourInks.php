<?php

declare(strict_types=1);

namespace Ektype\Core\Mix;

use Ektype\Core\Colour\Lab;
use Ektype\Core\Colour\Srgb;
use Ektype\Core\Separation\GivenInk;

/** Yellow, magenta, cyan and black of four-colour process: transparent, their colours as measured on white. */
final readonly class FourInks
{
    /** What such inks usually look like on white (heuristic). */
    private const USUAL = ['Process yellow' => '#ffe21c', 'Process magenta' => '#d0147f', 'Process cyan' => '#0a93d2', 'Process black' => '#2a2927'];
    /** An ink of a shelf serves as one so near to the usual, ΔE76 (heuristic). */
    private const NEAR = 45.0;

    private function __construct(public GivenInk $yellow, public GivenInk $magenta, public GivenInk $cyan, public GivenInk $black)
    {
    }

    public static function usual(): self
    {
        return new self(...array_map(static fn (string $name, string $hex): GivenInk => new GivenInk($name, Srgb::fromHex($hex), transparent: true), array_keys(self::USUAL), array_values(self::USUAL)));
    }

    /**
     * The transparent inks of a shelf that come nearest to them.
     *
     * @param array<int, GivenInk> $shelf
     *
     * @throws ImpossibleMix where one of the four is missing
     */
    public static function of(array $shelf): self
    {
        $found = [];
        $left = array_filter($shelf, static fn (GivenInk $ink): bool => $ink->transparent);
        foreach (self::USUAL as $name => $hex) {
            $wished = Lab::of(Srgb::fromHex($hex));
            $best = null;
            $least = self::NEAR;
            foreach ($left as $number => $ink) {
                $lab = Lab::of($ink->colour);
                $far = hypot(hypot($lab->a - $wished->a, $lab->b - $wished->b), $lab->l - $wished->l);
                if ($far < $least) {
                    [$best, $least] = [$number, $far];
                }
            }
            if ($best === null) {
                throw ImpossibleMix::at('inks', \sprintf('Four-colour process needs transparent yellow, magenta, cyan and black; nothing on the shelf is like %s. Put your four inks there, of kind “transparent”, with their colours as measured on white.', lcfirst($name)));
            }
            $found[] = $left[$best];
            unset($left[$best]);
        }

        return new self(...$found);
    }

    /** @return list<GivenInk> in print order */
    public function inOrder(): array
    {
        return [$this->yellow, $this->magenta, $this->cyan, $this->black];
    }
}
