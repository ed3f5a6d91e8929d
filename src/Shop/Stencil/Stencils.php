<?php

declare(strict_types=1);

namespace Ektype\App\Shop\Stencil;

use Ektype\App\Shop\Emulsion\Emulsion;
use Ektype\App\Shop\Frame\Frame;
use Ektype\App\Shop\Lamp\Lamp;
use Ektype\App\Shop\Shelf;

/**
 * The stencils, those that are on their frames and those that are gone.
 *
 * @extends Shelf<Stencil>
 */
final readonly class Stencils extends Shelf
{
    protected static function kind(): string
    {
        return Stencil::class;
    }

    private const LATEST_GAUGED = 60;

    /** The stencil that is on a frame now. */
    public function on(?Frame $frame): ?Stencil
    {
        return $frame === null ? null : $this->shelf()->findOneBy(['frame' => $frame, 'goneOn' => null], ['id' => 'DESC']);
    }

    /** @return list<Stencil> all that are on a frame now */
    public function onFrames(): array
    {
        return $this->asked('SELECT s FROM '.Stencil::class.' s WHERE s.goneOn IS NULL ORDER BY s.id ASC');
    }

    /** @return list<Stencil> the latest that were told and gauged: what the coating model learns from */
    public function gauged(): array
    {
        return $this->asked('SELECT s FROM '.Stencil::class.' s WHERE s.emulsion IS NOT NULL AND s.told = true AND s.gaugedEomUm IS NOT NULL ORDER BY s.id DESC', [], self::LATEST_GAUGED);
    }

    /** @return list<Stencil> burned and looked at: what the exposure model learns from */
    public function lookedAt(): array
    {
        return $this->asked('SELECT s FROM '.Stencil::class.' s WHERE s.emulsion IS NOT NULL AND s.lamp IS NOT NULL AND s.sinkCheck IS NOT NULL AND s.burnedSeconds IS NOT NULL ORDER BY s.id ASC');
    }

    public function of(Lamp|Emulsion $one): int
    {
        return $this->shelf()->count([$one instanceof Lamp ? 'lamp' : 'emulsion' => $one]);
    }
}
