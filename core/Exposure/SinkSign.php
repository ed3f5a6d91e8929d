<?php

declare(strict_types=1);

namespace Ektype\Core\Exposure;

/** A sign that is looked for at the sink, with what it looks like. */
final readonly class SinkSign
{
    private function __construct(public string $sign, public string $name, public string $looks)
    {
    }

    /** @return list<self> in the order in which they are looked for; each names an answer of {@see SinkCheck} */
    public static function all(): array
    {
        return [
            new self('scum', 'Scum or slime', 'a film in the open parts, or a slimy back'),
            new self('pinholes', 'Pinholes', 'light through the stencil where none should be'),
            new self('lostDots', 'Lost dots', 'small islands of stencil washed away'),
            new self('closedLines', 'Closed lines', 'fine lines that will not open'),
            new self('blur', 'Blur', 'edges soft all over'),
        ];
    }
}
