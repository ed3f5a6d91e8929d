<?php

declare(strict_types=1);

namespace Ektype\App\Migrations;

use Doctrine\DBAL\Schema\Schema;
use Doctrine\Migrations\AbstractMigration;
use Ektype\Core\Mesh\Mesh;

/** One owner of a screen’s truth, plans stored whole, what was done kept as rows, and indexes where the trade says “never two”. */
final class Version20261126000000 extends AbstractMigration
{
    private const PLAN = [
        'choke_mm',
        'inks',
        'print_ground',
        'merges',
        'left_open',
        'splits',
        'locks',
        'highlights',
        'on_base',
        'overprints',
        'thicken',
        'base_from',
        'positives',
        'trap_mm',
    ];

    public function getDescription(): string
    {
        return 'The house: stencils own gauge, burn and look; plans of separation; changes; unique indexes';
    }

    public function up(Schema $schema): void
    {
        $this->addSql('CREATE TABLE write_lock (id INTEGER PRIMARY KEY AUTOINCREMENT NOT NULL, turn INTEGER NOT NULL)');
        $this->addSql('INSERT INTO write_lock (id, turn) VALUES (1, 0)');
        $this->addSql('CREATE TABLE shop_change (id INTEGER PRIMARY KEY AUTOINCREMENT NOT NULL, undone BOOLEAN NOT NULL, what VARCHAR(200) NOT NULL, "rows" CLOB NOT NULL, parts CLOB NOT NULL, page VARCHAR(40) NOT NULL, made_at DATETIME NOT NULL)');
        $this->addSql('CREATE INDEX IDX_C5F5D8A2140AB620BF396750 ON shop_change (page, id)');
        // What could be undone before was kept as lists of fields that are no more.
        $this->addSql('DROP TABLE change');
        $this->addSql('ALTER TABLE frame_change DROP COLUMN "before"');
        $this->plans();
        $this->stencils();
        $this->frames();
        $this->tasks();
        $this->addSql('ALTER TABLE step_test ADD COLUMN distance_mm DOUBLE PRECISION DEFAULT NULL');
        $this->addSql('UPDATE step_test SET distance_mm = (SELECT distance_mm FROM lamp WHERE lamp.id = step_test.lamp_id)');
    }

    public function down(Schema $schema): void
    {
        $this->throwIrreversibleMigrationException('What the shop did since would be lost. Go back to a copy of the shop’s folder instead.');
    }

    private function plans(): void
    {
        $this->addSql('ALTER TABLE job ADD COLUMN finished_on VARCHAR(10) DEFAULT NULL');
        $this->addSql("ALTER TABLE job ADD COLUMN plan CLOB DEFAULT '{}' NOT NULL");
        foreach ($this->connection->fetchAllAssociative('SELECT * FROM job') as $job) {
            $map = static fn (string $column): array => (array) json_decode(\is_string($job[$column]) ? $job[$column] : '[]', true);
            $plan = [
                'version' => 1,
                'method' => 'spot',
                'inks' => $job['inks'],
                'chokeMm' => $job['choke_mm'],
                'trapMm' => $job['trap_mm'],
                'printGround' => (bool) $job['print_ground'],
                'merges' => $map('merges'),
                'leftOpen' => $map('left_open'),
                'splits' => $map('splits'),
                'locks' => $map('locks'),
                'highlights' => $map('highlights'),
                'onBase' => $map('on_base'),
                'overprints' => $map('overprints'),
                'thicken' => $map('thicken'),
                'baseFrom' => $job['base_from'],
                'positives' => array_map(self::positive(...), array_values($map('positives'))),
            ];
            $this->addSql(
                'UPDATE job SET plan = ? WHERE id = ?',
                [json_encode($plan, \JSON_PRESERVE_ZERO_FRACTION | \JSON_THROW_ON_ERROR), $job['id']],
            );
        }
        foreach (self::PLAN as $column) {
            $this->addSql("ALTER TABLE job DROP COLUMN $column");
        }
    }

    /** @return array<array-key, mixed> */
    private static function positive(mixed $stored): array
    {
        $positive = \is_array($stored) ? $stored : [];
        $weak = \is_array($positive['weak'] ?? null) ? $positive['weak'] : [];

        return [
            ...$positive,
            'weak' => array_map(
                static fn (mixed $w): array => \is_array($w) ? [
                    'xMm' => $w['x_mm'] ?? $w[0] ?? 0.0,
                    'yMm' => $w['y_mm'] ?? $w[1] ?? 0.0,
                    'mm2' => $w['mm2'] ?? $w[2] ?? 0.0,
                ] : [],
                $weak,
            ),
        ];
    }

    private function stencils(): void
    {
        foreach ([
            'solids_pct DOUBLE PRECISION DEFAULT 38 NOT NULL',
            'film_um DOUBLE PRECISION DEFAULT NULL',
            'distance_mm DOUBLE PRECISION DEFAULT NULL',
        ] as $column) {
            $this->addSql("ALTER TABLE stencil ADD COLUMN $column");
        }
        $this->addSql('UPDATE stencil SET solids_pct = COALESCE((SELECT solids_pct FROM emulsion WHERE emulsion.id = stencil.emulsion_id), 38), film_um = (SELECT film_um FROM emulsion WHERE emulsion.id = stencil.emulsion_id)');
        $this->addSql('UPDATE stencil SET distance_mm = (SELECT distance_mm FROM lamp WHERE lamp.id = stencil.lamp_id) WHERE burned_seconds IS NOT NULL');
        // Two stencils on one frame: the later one is there, the other is under it no more.
        $this->addSql('UPDATE stencil SET gone_on = substr(coated_at, 1, 10) WHERE gone_on IS NULL AND id < (SELECT MAX(id) FROM stencil s WHERE s.frame_id = stencil.frame_id AND s.gone_on IS NULL)');
        foreach ($this->connection->fetchAllAssociative('SELECT p.*, j.lamp_id, j.emulsion_id, l.hours, l.distance_mm, f.threads_per_cm, f.thread_um, f.dyed, f.sheet_opening_um, f.sheet_thickness_um, (SELECT MAX(s.id) FROM stencil s WHERE s.frame_id = f.id AND s.gone_on IS NULL) AS stencil_id FROM plate p JOIN job j ON j.id = p.job_id JOIN frame f ON f.id = p.frame_id LEFT JOIN lamp l ON l.id = j.lamp_id WHERE p.gauged_eom_um IS NOT NULL OR p.burned_seconds IS NOT NULL ORDER BY p.id') as $plate) {
            $this->told($plate);
        }
        foreach (['gauged_eom_um', 'burned_seconds', 'sink_check'] as $column) {
            $this->addSql("ALTER TABLE plate DROP COLUMN $column");
        }
        $this->addSql('CREATE UNIQUE INDEX one_stencil_on_a_frame ON stencil (frame_id) WHERE gone_on IS NULL');
    }

    /**
     * What a plate said of its screen goes to its stencil, where that does not say it already.
     *
     * @param array<string, mixed> $plate
     */
    private function told(array $plate): void
    {
        $id = $plate['stencil_id'];
        $mesh = new Mesh(
            self::number($plate['threads_per_cm']),
            self::number($plate['thread_um']),
            (bool) $plate['dyed'],
            self::maybe($plate['sheet_opening_um']),
            self::maybe($plate['sheet_thickness_um']),
        );
        if ($id === null) {
            $at = date('Y-m-d H:i:s');
            $this->addSql('INSERT INTO stencil (frame_id, emulsion_id, coated_at, ready_at, edge, print_coats, squeegee_coats, dried_between, told, threads_per_cm, thread_um, dyed, sheet_opening_um, sheet_thickness_um) VALUES (?, ?, ?, ?, ?, 1, 1, 0, 0, ?, ?, ?, ?, ?)', [$plate['frame_id'], $plate['emulsion_id'], $at, $at, $mesh->threadsPerInch() >= 150 ? 'sharp' : 'round', $plate['threads_per_cm'], $plate['thread_um'], $plate['dyed'], $plate['sheet_opening_um'], $plate['sheet_thickness_um']]);
        }
        $on = ['frame_id = ? AND gone_on IS NULL AND (plate_id IS NULL OR plate_id = ?)', [$plate['frame_id'], $plate['id']]];
        $this->addSql('UPDATE stencil SET gauged_eom_um = COALESCE(gauged_eom_um, ?) WHERE '.$on[0], [$plate['gauged_eom_um'], ...$on[1]]);
        if ($plate['burned_seconds'] !== null) {
            $thickness = $mesh->thicknessUm + (self::maybe($plate['gauged_eom_um']) ?? 0.15 * $mesh->thicknessUm);
            $this->addSql('UPDATE stencil SET burned_seconds = COALESCE(burned_seconds, ?), lamp_id = COALESCE(lamp_id, ?), lamp_hours = COALESCE(lamp_hours, ?), distance_mm = COALESCE(distance_mm, ?), thickness_um = COALESCE(thickness_um, ?), sink_check = COALESCE(sink_check, ?), plate_id = ? WHERE '.$on[0], [$plate['burned_seconds'], $plate['lamp_id'], $plate['hours'], $plate['distance_mm'], $thickness, $plate['sink_check'], $plate['id'], ...$on[1]]);
        }
    }

    /** A frame holds one plate: where two had it, the one whose picture it carries keeps it, else the first. */
    private function frames(): void
    {
        $keeps = '(SELECT o.id FROM plate o WHERE o.frame_id = plate.frame_id ORDER BY o.id = COALESCE((SELECT s.plate_id FROM stencil s WHERE s.frame_id = o.frame_id AND s.gone_on IS NULL), 0) DESC, o.id LIMIT 1)';
        $this->addSql("INSERT INTO frame_change (frame_id, made_at, what) SELECT frame_id, datetime('now'), substr('Two plates had this frame: given back by ' || name, 1, 160) FROM plate WHERE frame_id IS NOT NULL AND id <> $keeps");
        $this->addSql("UPDATE plate SET frame_id = NULL WHERE frame_id IS NOT NULL AND id <> $keeps");
        $this->addSql('DROP INDEX IDX_719ED75B3FA3C347');
        $this->addSql('CREATE UNIQUE INDEX one_plate_a_frame ON plate (frame_id)');
    }

    private function tasks(): void
    {
        $this->addSql("ALTER TABLE task ADD COLUMN page VARCHAR(40) DEFAULT '' NOT NULL");
        $this->addSql("UPDATE task SET state = 'failed', failure = 'It was asked for twice at once; the later one went on.' WHERE state IN ('waiting', 'working') AND id < (SELECT MAX(t.id) FROM task t WHERE t.job_id = task.job_id AND t.kind = task.kind AND t.state IN ('waiting', 'working'))");
        $this->addSql("CREATE UNIQUE INDEX one_open_task ON task (job_id, kind) WHERE state IN ('waiting', 'working')");
    }

    private static function number(mixed $value): float
    {
        return is_numeric($value) ? (float) $value : throw new \UnexpectedValueException('A mesh has figures.');
    }

    private static function maybe(mixed $value): ?float
    {
        return is_numeric($value) ? (float) $value : null;
    }
}
