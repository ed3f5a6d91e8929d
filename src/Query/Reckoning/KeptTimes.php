<?php

declare(strict_types=1);

namespace Ektype\App\Query\Reckoning;

use Doctrine\DBAL\Connection;
use Ektype\App\Work\Kept;
use Ektype\Core\Lamp\DriftPoints;

/** What the shop’s tests say of its lamps, reckoned once after each test and not with every look. */
final readonly class KeptTimes
{
    /** All that times rest on; the hours of a lamp count where a burn did not note them. */
    private const FROM = [
        'SELECT * FROM step_test ORDER BY id',
        'SELECT id, name, kind, distance_mm, start_loss_s, units_per_s FROM lamp ORDER BY id',
        'SELECT id, name, kind, factor FROM emulsion ORDER BY id',
        'SELECT s.id, s.emulsion_id, s.lamp_id, s.sink_check, s.burned_seconds, s.burned_damp, s.thickness_um, s.dyed, s.without_film, s.distance_mm, COALESCE(s.lamp_hours, l.hours)'
            .' FROM stencil s JOIN lamp l ON l.id = s.lamp_id WHERE s.sink_check IS NOT NULL AND s.burned_seconds IS NOT NULL AND s.emulsion_id IS NOT NULL ORDER BY s.id DESC LIMIT 300',
    ];

    public function __construct(private Kept $kept, private Connection $connection)
    {
    }

    /** @param \Closure(): KnownTimes $learn reads the tests and learns from them */
    public function known(\Closure $learn): KnownTimes
    {
        return $this->kept->of('times', $this->from(), KnownTimes::class, $learn);
    }

    public function drift(string $lamp, KnownTimes $known): DriftPoints
    {
        return $this->kept->of('drift-'.substr(hash('sha256', $lamp), 0, 8), $this->from(), DriftPoints::class, static fn (): DriftPoints => DriftPoints::of($known->model, $known->readings, $lamp));
    }

    /** Changes with every test that comes or goes. */
    public function from(): string
    {
        return hash('sha256', serialize(array_map($this->connection->fetchAllNumeric(...), self::FROM)));
    }
}
