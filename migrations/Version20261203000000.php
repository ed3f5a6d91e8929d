<?php

declare(strict_types=1);

namespace Ektype\App\Migrations;

use Doctrine\DBAL\Schema\Schema;
use Doctrine\Migrations\AbstractMigration;

/** How a job is set up on its press; flashes of a press; platens that were read; what a first reading tells of drag. */
final class Version20261203000000 extends AbstractMigration
{
    private const COLUMNS = [
        'plate' => ['read_platens' => "CLOB DEFAULT '[]' NOT NULL"],
        'job' => ['pull' => 'BOOLEAN DEFAULT 1 NOT NULL', 'register_way' => 'VARCHAR(16) DEFAULT NULL', 'seam_mm' => 'DOUBLE PRECISION DEFAULT 0 NOT NULL'],
        'press' => ['flashes' => 'INTEGER DEFAULT 1 NOT NULL', 'flash_times' => "CLOB DEFAULT '[]' NOT NULL"],
        'correction' => [
            'ink' => 'VARCHAR(80) DEFAULT NULL',
            'off_contact_mm' => 'DOUBLE PRECISION DEFAULT NULL',
            'tension_nper_cm' => 'DOUBLE PRECISION DEFAULT NULL',
            'key_ink' => 'VARCHAR(80) DEFAULT NULL',
            'key_off_contact_mm' => 'DOUBLE PRECISION DEFAULT NULL',
            'key_tension_nper_cm' => 'DOUBLE PRECISION DEFAULT NULL',
            'first_read' => 'BOOLEAN DEFAULT 0 NOT NULL',
            'pull' => 'BOOLEAN DEFAULT 1 NOT NULL',
            'fitted_at_rest' => 'BOOLEAN DEFAULT 1 NOT NULL',
        ],
    ];

    public function up(Schema $schema): void
    {
        foreach (self::COLUMNS as $table => $columns) {
            foreach ($columns as $column => $kind) {
                $this->addSql(\sprintf('ALTER TABLE %s ADD COLUMN %s %s', $table, $column, $kind));
            }
        }
    }

    public function down(Schema $schema): void
    {
        foreach (self::COLUMNS as $table => $columns) {
            foreach (array_keys($columns) as $column) {
                $this->addSql(\sprintf('ALTER TABLE %s DROP COLUMN %s', $table, $column));
            }
        }
    }
}
