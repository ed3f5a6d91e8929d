<?php

declare(strict_types=1);

namespace Ektype\App\Migrations;

use Doctrine\DBAL\Schema\Schema;
use Doctrine\Migrations\AbstractMigration;

/** Stencils, the dark room, the shop’s own meshes and what happens to frames. */
final class Version20261123190000 extends AbstractMigration
{
    public function getDescription(): string
    {
        return 'Screens: stencils, dark room, own meshes, the record of frames';
    }

    public function up(Schema $schema): void
    {
        // Columns are added one by one: a table rebuilt in SQLite would take what hangs on it along.
        foreach ([
            'frame' => [
                'outside_width_mm DOUBLE PRECISION DEFAULT NULL',
                'outside_height_mm DOUBLE PRECISION DEFAULT NULL',
                'sheet_opening_um DOUBLE PRECISION DEFAULT NULL',
                'sheet_thickness_um DOUBLE PRECISION DEFAULT NULL',
                'mesh_angle_deg DOUBLE PRECISION DEFAULT 0 NOT NULL',
                "rack_place VARCHAR(20) DEFAULT '' NOT NULL",
                'stretched_on VARCHAR(10) DEFAULT NULL',
                'uses INTEGER DEFAULT 0 NOT NULL',
                'stained BOOLEAN DEFAULT 0 NOT NULL',
                'locked BOOLEAN DEFAULT 0 NOT NULL',
            ],
            'emulsion' => [
                'solids_pct DOUBLE PRECISION DEFAULT 38 NOT NULL',
                'mixed_on VARCHAR(10) DEFAULT NULL',
                'pot_life_days INTEGER DEFAULT NULL',
                'coated_life_days INTEGER DEFAULT 28 NOT NULL',
                'film_um DOUBLE PRECISION DEFAULT NULL',
                'factor DOUBLE PRECISION DEFAULT NULL',
            ],
            'plate' => [
                'lpi DOUBLE PRECISION DEFAULT NULL',
                'angle_deg DOUBLE PRECISION DEFAULT NULL',
                'tones CLOB DEFAULT NULL',
                'deposit_um DOUBLE PRECISION DEFAULT NULL',
                "before_light CLOB DEFAULT '[]' NOT NULL",
                'sink_check CLOB DEFAULT NULL',
            ],
        ] as $table => $columns) {
            foreach ($columns as $column) {
                $this->addSql("ALTER TABLE $table ADD COLUMN $column");
            }
        }
        $this->addSql('CREATE TABLE own_mesh (id INTEGER PRIMARY KEY AUTOINCREMENT NOT NULL, threads_per_cm DOUBLE PRECISION NOT NULL, thread_um DOUBLE PRECISION NOT NULL, dyed BOOLEAN NOT NULL, opening_um DOUBLE PRECISION DEFAULT NULL, thickness_um DOUBLE PRECISION DEFAULT NULL)');
        $this->addSql('CREATE TABLE dark_room (id INTEGER PRIMARY KEY AUTOINCREMENT NOT NULL, temperature_c DOUBLE PRECISION NOT NULL, humidity_pct DOUBLE PRECISION NOT NULL, air_ms DOUBLE PRECISION NOT NULL, read_at DATETIME DEFAULT NULL, drying_places INTEGER NOT NULL, opens_min INTEGER NOT NULL, closes_min INTEGER NOT NULL, coat_school VARCHAR(10) NOT NULL, sharp_from_per_inch DOUBLE PRECISION NOT NULL, ruling_divisor DOUBLE PRECISION NOT NULL)');
        $this->addSql('CREATE TABLE stencil (id INTEGER PRIMARY KEY AUTOINCREMENT NOT NULL, gauged_eom_um DOUBLE PRECISION DEFAULT NULL, burned_seconds DOUBLE PRECISION DEFAULT NULL, lamp_hours DOUBLE PRECISION DEFAULT NULL, thickness_um DOUBLE PRECISION DEFAULT NULL, sink_check CLOB DEFAULT NULL, gone_on VARCHAR(10) DEFAULT NULL, coated_at DATETIME NOT NULL, ready_at DATETIME NOT NULL, edge VARCHAR(10) NOT NULL, print_coats INTEGER NOT NULL, squeegee_coats INTEGER NOT NULL, dried_between BOOLEAN NOT NULL, told BOOLEAN NOT NULL, threads_per_cm DOUBLE PRECISION NOT NULL, thread_um DOUBLE PRECISION NOT NULL, dyed BOOLEAN NOT NULL, sheet_opening_um DOUBLE PRECISION DEFAULT NULL, sheet_thickness_um DOUBLE PRECISION DEFAULT NULL, lamp_id INTEGER DEFAULT NULL, plate_id INTEGER DEFAULT NULL, frame_id INTEGER NOT NULL, emulsion_id INTEGER DEFAULT NULL, CONSTRAINT FK_E0DEAAF6814F2A52 FOREIGN KEY (lamp_id) REFERENCES lamp (id) ON DELETE SET NULL NOT DEFERRABLE INITIALLY IMMEDIATE, CONSTRAINT FK_E0DEAAF6DF66E98B FOREIGN KEY (plate_id) REFERENCES plate (id) ON DELETE SET NULL NOT DEFERRABLE INITIALLY IMMEDIATE, CONSTRAINT FK_E0DEAAF63FA3C347 FOREIGN KEY (frame_id) REFERENCES frame (id) ON DELETE CASCADE NOT DEFERRABLE INITIALLY IMMEDIATE, CONSTRAINT FK_E0DEAAF6F88DDF92 FOREIGN KEY (emulsion_id) REFERENCES emulsion (id) ON DELETE SET NULL NOT DEFERRABLE INITIALLY IMMEDIATE)');
        foreach ([
            '814F2A52' => 'lamp_id',
            'DF66E98B' => 'plate_id',
            '3FA3C347' => 'frame_id',
            'F88DDF92' => 'emulsion_id',
        ] as $name => $column) {
            $this->addSql("CREATE INDEX IDX_E0DEAAF6$name ON stencil ($column)");
        }
        $this->addSql('CREATE TABLE frame_change (id INTEGER PRIMARY KEY AUTOINCREMENT NOT NULL, made_at DATETIME NOT NULL, what VARCHAR(160) NOT NULL, "before" CLOB DEFAULT NULL, frame_id INTEGER NOT NULL, CONSTRAINT FK_35FE850A3FA3C347 FOREIGN KEY (frame_id) REFERENCES frame (id) ON DELETE CASCADE NOT DEFERRABLE INITIALLY IMMEDIATE)');
        $this->addSql('CREATE INDEX IDX_35FE850A3FA3C347 ON frame_change (frame_id)');
    }

    public function down(Schema $schema): void
    {
        $this->throwIrreversibleMigrationException('What the shop coated and burned since would be lost. Go back to a copy of the shop’s folder instead.');
    }
}
