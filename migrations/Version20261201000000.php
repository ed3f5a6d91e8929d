<?php

declare(strict_types=1);

namespace Ektype\App\Migrations;

use Doctrine\DBAL\Schema\Schema;
use Doctrine\Migrations\AbstractMigration;

/** What a lamp loses at its start, counts and shines with; step tests set aside; when a screen was burned, and how. */
final class Version20261201000000 extends AbstractMigration
{
    private const ADDED = [
        'lamp' => ['start_loss_s' => 'DOUBLE PRECISION DEFAULT 0 NOT NULL', 'units_per_s' => 'DOUBLE PRECISION DEFAULT NULL', 'source_mm' => 'DOUBLE PRECISION DEFAULT NULL', 'contact' => "VARCHAR(20) DEFAULT 'vacuum' NOT NULL"],
        'step_test' => ['set_aside' => 'BOOLEAN DEFAULT 0 NOT NULL', 'increment_s' => 'DOUBLE PRECISION DEFAULT NULL', 'strips' => "CLOB DEFAULT '[]' NOT NULL"],
        'stencil' => ['burned_at' => 'DATETIME DEFAULT NULL', 'units' => 'DOUBLE PRECISION DEFAULT NULL', 'without_film' => 'BOOLEAN DEFAULT 0 NOT NULL'],
        'job' => ['one_time' => 'BOOLEAN DEFAULT 0 NOT NULL', 'without_film' => 'BOOLEAN DEFAULT 0 NOT NULL'],
    ];

    public function up(Schema $schema): void
    {
        foreach (self::ADDED as $table => $columns) {
            foreach ($columns as $column => $kind) {
                $this->addSql("ALTER TABLE $table ADD COLUMN $column $kind");
            }
        }
    }

    public function down(Schema $schema): void
    {
        foreach (self::ADDED as $table => $columns) {
            foreach (array_keys($columns) as $column) {
                $this->addSql("ALTER TABLE $table DROP COLUMN $column");
            }
        }
    }
}
