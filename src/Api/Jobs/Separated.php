<?php

declare(strict_types=1);

namespace Ektype\App\Api\Jobs;

use Ektype\Core\Unit\Given;

/** Reads back what a separation found. */
final readonly class Separated
{
    /**
     * @param list<PaletteColourView> $palette
     * @param list<StrayView>         $strays
     * @param list<string>            $warnings
     */
    private function __construct(
        public array $palette,
        public array $strays,
        public array $warnings,
        public bool $groundLeftOpen,
    ) {
    }

    /** @param array<string, mixed>|null $stored */
    public static function of(?array $stored): self
    {
        if ($stored === null) {
            return new self([], [], [], false);
        }
        $given = Given::of($stored);
        $warnings = $stored['warnings'] ?? [];

        return new self(
            array_map(static fn (Given $c): PaletteColourView => new PaletteColourView($c->text('hex'), $c->number('share_pct'), $c->text('prints_as'), $c->flag('left_open'), $c->textOr('why_open', '')), $given->objects('palette')),
            array_map(static fn (Given $s): StrayView => new StrayView($s->text('stray'), $s->text('into'), $s->number('delta_e'), $s->number('area_pct')), $given->objects('strays')),
            array_values(array_filter(\is_array($warnings) ? $warnings : [], is_string(...))),
            $given->flag('ground_left_open'),
        );
    }
}
