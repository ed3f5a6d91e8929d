<?php

declare(strict_types=1);

namespace Ektype\Core\Screen;

/** How far a stencil has come. */
enum StencilState: string
{
    case Coated = 'coated';
    case Burned = 'burned';
    /** Washed out and looked at. */
    case Looked = 'looked at';
    case Gone = 'gone';

    public static function of(bool $burned, bool $looked, bool $gone): self
    {
        return match (true) {
            $gone => self::Gone,
            $looked && $burned => self::Looked,
            $burned => self::Burned,
            default => self::Coated,
        };
    }

    /** @throws ForbiddenMove where it has not come so far, or is past it */
    public function after(ScreenMove $move): self
    {
        return match ([$this, $move]) {
            [self::Coated, ScreenMove::Burn] => self::Burned,
            [self::Burned, ScreenMove::Look], [self::Looked, ScreenMove::Look] => self::Looked,
            [self::Burned, ScreenMove::WasNotBurned], [self::Looked, ScreenMove::WasNotBurned] => self::Coated,
            [self::Coated, ScreenMove::Reclaim], [self::Burned, ScreenMove::Reclaim], [self::Looked, ScreenMove::Reclaim] => self::Gone,
            default => throw ForbiddenMove::at('stencil', match (true) {
                $this === self::Gone => 'it is off the mesh.',
                $move === ScreenMove::Look => 'it was not burned yet, so there is nothing to see at the sink. Burn it first.',
                $move === ScreenMove::WasNotBurned => 'it was not burned.',
                default => 'it was burned already.',
            }),
        };
    }
}
