<?php

declare(strict_types=1);

namespace Ektype\Core\Screen;

/** How a frame stands, and what may be done to it from there. */
enum FrameState: string
{
    case Bare = 'bare';
    case Coated = 'coated';
    case Burned = 'burned';
    case OnPress = 'on press';
    case ToReclaim = 'to reclaim';
    case ToStretch = 'to stretch';

    /** @throws ForbiddenMove where the frame does not stand for it */
    public function after(ScreenMove $move): self
    {
        return $this->reached($move) ?? throw ForbiddenMove::at('frame', match (true) {
            $move === ScreenMove::Coat && $this === self::ToStretch => 'its mesh is torn or slack. Stretch it first.',
            $move === ScreenMove::Coat => 'there is a stencil on it. Reclaim it first: two coats of different days part from each other.',
            $move === ScreenMove::Reclaim && $this === self::Bare => 'it is bare: there is nothing to reclaim.',
            $this === self::Bare => 'it is bare: there is no stencil on it.',
            default => \sprintf('it is %s. Change its state on the rack first.', $this->value),
        });
    }

    public function allows(ScreenMove $move): bool
    {
        return $this->reached($move) !== null;
    }

    /** @return list<string> what must be done before it can be burned */
    public function first(): array
    {
        return match ($this) {
            self::Bare => ['degrease', 'coat'],
            self::Coated => [],
            self::ToStretch => ['stretch', 'degrease', 'coat'],
            default => ['reclaim', 'degrease', 'coat'],
        };
    }

    /** Whether a plate may take it. */
    public function canBeTaken(): bool
    {
        return $this !== self::OnPress && $this !== self::ToStretch;
    }

    private function reached(ScreenMove $move): ?self
    {
        return match ($move) {
            ScreenMove::Coat => $this === self::Bare ? self::Coated : null,
            ScreenMove::Burn => $this === self::Coated ? self::Burned : null,
            ScreenMove::Look => \in_array($this, [self::Burned, self::OnPress], true) ? $this : null,
            ScreenMove::WasNotBurned => \in_array($this, [self::Burned, self::OnPress], true) ? self::Coated : null,
            ScreenMove::PutOff => match ($this) {
                self::Burned, self::OnPress => self::ToReclaim,
                default => $this,
            },
            ScreenMove::TakeUp => \in_array($this, [self::ToReclaim, self::Burned], true) ? self::Burned : null,
            ScreenMove::PutOnPress => $this === self::Burned ? self::OnPress : null,
            ScreenMove::TakeOffPress => $this === self::OnPress ? self::Burned : null,
            ScreenMove::Reclaim => \in_array($this, [self::Bare, self::ToStretch], true) ? null : self::Bare,
            ScreenMove::LockIn => \in_array($this, [self::Bare, self::ToStretch], true) ? null : self::ToReclaim,
            ScreenMove::Tear => self::ToStretch,
            ScreenMove::Stretch => self::Bare,
        };
    }
}
