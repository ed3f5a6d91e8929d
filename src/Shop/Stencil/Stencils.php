<?php

declare(strict_types=1);

namespace Ektype\App\Shop\Stencil;

use Ektype\App\Shop\Emulsion\Emulsion;
use Ektype\App\Shop\Frame\Frame;
use Ektype\App\Shop\Lamp\Lamp;
use Ektype\App\Shop\Plate\Plate;
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
    private const LATEST_LOOKED_AT = 240;
    /** What the coating model can learn from, and the exposure model. */
    private const GAUGED = 'emulsion_id IS NOT NULL AND told = 1 AND gauged_eom_um IS NOT NULL';
    private const LOOKED_AT = 'emulsion_id IS NOT NULL AND lamp_id IS NOT NULL AND sink_check IS NOT NULL AND burned_seconds IS NOT NULL';

    /** The stencil that is on a frame now. */
    public function on(?Frame $frame): ?Stencil
    {
        return $frame === null ? null : $this->shelf()->findOneBy(['frame' => $frame, 'goneOn' => null], ['id' => 'DESC']);
    }

    /** @return list<Stencil> that are on a frame with the picture of a plate, latest first */
    public function burnedFor(Plate $plate): array
    {
        return $this->shelf()->findBy(['plate' => $plate, 'goneOn' => null], ['id' => 'DESC']);
    }

    /** @return list<Stencil> that were ever burned with the picture of a plate */
    public function everFor(Plate $plate): array
    {
        return $this->shelf()->findBy(['plate' => $plate]);
    }

    /** @return list<Stencil> all that are on a frame now */
    public function onFrames(): array
    {
        return $this->asked('SELECT s FROM '.Stencil::class.' s WHERE s.goneOn IS NULL ORDER BY s.id ASC');
    }

    /** @return list<Stencil> the latest that were told and gauged: what the coating model learns from */
    public function gauged(): array
    {
        return $this->asked('SELECT s, e FROM '.Stencil::class.' s JOIN s.emulsion e WHERE s.told = true AND s.gaugedEomUm IS NOT NULL ORDER BY s.id DESC', [], self::LATEST_GAUGED);
    }

    /**
     * @param list<Stencil> $counted as they came
     *
     * @return list<Stencil> the latest that were told and gauged, latest first
     */
    public static function gaugedOf(array $counted): array
    {
        $gauged = array_filter($counted, static fn (Stencil $s): bool => $s->emulsion !== null && $s->told && $s->gaugedEomUm !== null);

        return \array_slice(array_reverse($gauged), 0, self::LATEST_GAUGED);
    }

    /**
     * All that figures are reckoned from, read once: those on a frame, the latest gauged, the latest looked at.
     *
     * @return list<Stencil> as they came
     */
    public function counted(): array
    {
        $ids = $this->entities->getConnection()->fetchFirstColumn(\sprintf(
            'SELECT id FROM stencil WHERE gone_on IS NULL
             UNION SELECT id FROM (SELECT id FROM stencil WHERE %s ORDER BY id DESC LIMIT %d)
             UNION SELECT id FROM (SELECT id FROM stencil WHERE %s ORDER BY id DESC LIMIT %d)',
            self::GAUGED,
            self::LATEST_GAUGED,
            self::LOOKED_AT,
            self::LATEST_LOOKED_AT,
        ));
        // A few rows, and none of the many stencils asks for its own one by one.
        $this->entities->createQuery('SELECT e FROM '.Emulsion::class.' e')->getResult();
        $this->entities->createQuery('SELECT l FROM '.Lamp::class.' l')->getResult();

        return $this->asked('SELECT s FROM '.Stencil::class.' s WHERE s.id IN (:ids) ORDER BY s.id ASC', ['ids' => $ids]);
    }

    /** @return list<Stencil> the latest that were burned under a lamp, latest first */
    public function burnedUnder(Lamp $lamp, int $most): array
    {
        return $this->asked('SELECT s, f FROM '.Stencil::class.' s JOIN s.frame f WHERE s.lamp = :lamp AND s.burnedAt IS NOT NULL ORDER BY s.burnedAt DESC, s.id DESC', ['lamp' => $lamp], $most);
    }

    public function of(Lamp|Emulsion $one): int
    {
        return $this->shelf()->count([$one instanceof Lamp ? 'lamp' : 'emulsion' => $one]);
    }
}
