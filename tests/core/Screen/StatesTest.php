<?php

declare(strict_types=1);

namespace Ektype\Tests\Core\Screen;

use Ektype\Core\Screen\ForbiddenMove;
use Ektype\Core\Screen\FrameState;
use Ektype\Core\Screen\ScreenMove;
use Ektype\Core\Screen\StencilState;
use PHPUnit\Framework\TestCase;

/** The whole table, drawn up by hand from what hands can do; whatever is not in it must be refused. */
final class StatesTest extends TestCase
{
    /** move => frame as it stands => as it stands then */
    private const FRAME = [
        'coat' => ['bare' => 'coated'],
        'burn' => ['coated' => 'burned'],
        'look' => ['burned' => 'burned', 'on press' => 'on press'],
        'was not burned' => ['burned' => 'coated', 'on press' => 'coated'],
        'put off' => [
            'bare' => 'bare',
            'coated' => 'coated',
            'burned' => 'to reclaim',
            'on press' => 'to reclaim',
            'to reclaim' => 'to reclaim',
            'to stretch' => 'to stretch',
        ],
        'take up' => ['burned' => 'burned', 'to reclaim' => 'burned'],
        'put on press' => ['burned' => 'on press'],
        'take off press' => ['on press' => 'burned'],
        'reclaim' => ['coated' => 'bare', 'burned' => 'bare', 'on press' => 'bare', 'to reclaim' => 'bare'],
        'lock in' => ['coated' => 'to reclaim', 'burned' => 'to reclaim', 'on press' => 'to reclaim', 'to reclaim' => 'to reclaim'],
        'tear' => [
            'bare' => 'to stretch',
            'coated' => 'to stretch',
            'burned' => 'to stretch',
            'on press' => 'to stretch',
            'to reclaim' => 'to stretch',
            'to stretch' => 'to stretch',
        ],
        'stretch' => [
            'bare' => 'bare',
            'coated' => 'bare',
            'burned' => 'bare',
            'on press' => 'bare',
            'to reclaim' => 'bare',
            'to stretch' => 'bare',
        ],
    ];
    private const STENCIL = [
        'burn' => ['coated' => 'burned'],
        'look' => ['burned' => 'looked at', 'looked at' => 'looked at'],
        'was not burned' => ['burned' => 'coated', 'looked at' => 'coated'],
        'reclaim' => ['coated' => 'gone', 'burned' => 'gone', 'looked at' => 'gone'],
    ];

    public function testAFrameDoesWhatTheTableSaysAndNothingElse(): void
    {
        foreach (ScreenMove::cases() as $move) {
            foreach (FrameState::cases() as $stands) {
                $expected = self::FRAME[$move->value][$stands->value] ?? null;
                self::assertSame(
                    $expected,
                    self::reached(static fn (): FrameState => $stands->after($move)),
                    "$move->value, $stands->value",
                );
                self::assertSame($expected !== null, $stands->allows($move), "$move->value, $stands->value");
            }
        }
    }

    public function testAStencilDoesWhatTheTableSaysAndNothingElse(): void
    {
        foreach (ScreenMove::cases() as $move) {
            foreach (StencilState::cases() as $stands) {
                self::assertSame(
                    self::STENCIL[$move->value][$stands->value] ?? null,
                    self::reached(static fn (): StencilState => $stands->after($move)),
                    "$move->value, $stands->value",
                );
            }
        }
    }

    public function testWhatMustBeDoneFirstLeadsToAFrameThatCanBeBurned(): void
    {
        $moves = ['stretch' => ScreenMove::Stretch, 'reclaim' => ScreenMove::Reclaim, 'coat' => ScreenMove::Coat];
        foreach (FrameState::cases() as $state) {
            $stands = $state;
            foreach ($state->first() as $step) {
                $stands = isset($moves[$step]) ? $stands->after($moves[$step]) : $stands;
            }
            self::assertTrue($stands->allows(ScreenMove::Burn), $state->value);
        }
    }

    public function testNoPlateTakesAFrameThatPrintsOrIsSlack(): void
    {
        $free = array_filter(FrameState::cases(), static fn (FrameState $s): bool => $s->canBeTaken());
        self::assertSame(
            ['bare', 'coated', 'burned', 'to reclaim'],
            array_values(array_map(static fn (FrameState $s): string => $s->value, $free)),
        );
    }

    public function testAStencilIsWhatWasDoneToIt(): void
    {
        self::assertSame(StencilState::Coated, StencilState::of(false, false, false));
        self::assertSame(StencilState::Burned, StencilState::of(true, false, false));
        self::assertSame(StencilState::Looked, StencilState::of(true, true, false));
        self::assertSame(StencilState::Coated, StencilState::of(false, true, false), 'a look without a burn was taken back');
        self::assertSame(StencilState::Gone, StencilState::of(true, true, true));
    }

    /** @param \Closure(): (FrameState|StencilState) $move */
    private static function reached(\Closure $move): ?string
    {
        try {
            return $move()->value;
        } catch (ForbiddenMove $refused) {
            self::assertStringEndsWith('.', $refused->getMessage());

            return null;
        }
    }
}
