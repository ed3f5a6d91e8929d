<?php

declare(strict_types=1);

namespace Ektype\App\Migrations;

use Doctrine\DBAL\Schema\Schema;
use Doctrine\Migrations\AbstractMigration;

/** Film printers; framing, trap and decisions about each colour; thin places of a plate. Only adds: nothing of a shop is rebuilt. */
final class Version20261123150000 extends AbstractMigration
{
    public function getDescription(): string
    {
        return 'Film printers, framing of the art, trap, decisions about colours, thin places';
    }

    public function up(Schema $schema): void
    {
        $this->addSql('CREATE TABLE film_printer (id INTEGER PRIMARY KEY AUTOINCREMENT NOT NULL, name VARCHAR(60) NOT NULL, dpi DOUBLE PRECISION NOT NULL, media_width_mm DOUBLE PRECISION NOT NULL, sheet_length_mm DOUBLE PRECISION DEFAULT NULL, feed_margin_mm DOUBLE PRECISION NOT NULL, density DOUBLE PRECISION DEFAULT NULL, scale_error_xpct DOUBLE PRECISION NOT NULL, scale_error_ypct DOUBLE PRECISION NOT NULL)');
        $this->addSql('CREATE UNIQUE INDEX UNIQ_6DF262CE5E237E06 ON film_printer (name)');
        foreach ([
            'trap_mm DOUBLE PRECISION DEFAULT NULL', 'across_mm DOUBLE PRECISION DEFAULT 0 NOT NULL', 'drop_mm DOUBLE PRECISION DEFAULT 0 NOT NULL',
            "framing CLOB DEFAULT '[]' NOT NULL", "splits CLOB DEFAULT '[]' NOT NULL", "locks CLOB DEFAULT '[]' NOT NULL", "highlights CLOB DEFAULT '[]' NOT NULL",
            "on_base CLOB DEFAULT '[]' NOT NULL", "overprints CLOB DEFAULT '[]' NOT NULL", "thicken CLOB DEFAULT '[]' NOT NULL", 'base_from VARCHAR(7) DEFAULT NULL', "positives CLOB DEFAULT '[]' NOT NULL",
            "film_formats CLOB DEFAULT '[\"pdf\",\"png\"]' NOT NULL", 'step_wedge BOOLEAN DEFAULT 0 NOT NULL', 'film_check CLOB DEFAULT NULL',
            'tolerance_set BOOLEAN DEFAULT 0 NOT NULL',
            'film_printer_id INTEGER DEFAULT NULL CONSTRAINT FK_FBD8E0F8F908E402 REFERENCES film_printer (id) NOT DEFERRABLE INITIALLY IMMEDIATE',
        ] as $column) {
            $this->addSql('ALTER TABLE job ADD COLUMN '.$column);
        }
        $this->addSql('CREATE INDEX IDX_FBD8E0F8F908E402 ON job (film_printer_id)');
        foreach ([
            'art_hex VARCHAR(7) DEFAULT NULL', 'art_area_cm2 DOUBLE PRECISION DEFAULT 0 NOT NULL', 'overprints BOOLEAN DEFAULT 0 NOT NULL',
            'finest_gap_mm DOUBLE PRECISION DEFAULT NULL', "thin_lines CLOB DEFAULT '[]' NOT NULL", "thin_gaps CLOB DEFAULT '[]' NOT NULL",
        ] as $column) {
            $this->addSql('ALTER TABLE plate ADD COLUMN '.$column);
        }
        $this->addSql('ALTER TABLE press ADD COLUMN register_sigma_mm DOUBLE PRECISION DEFAULT NULL');
    }

    public function down(Schema $schema): void
    {
        $this->throwIrreversibleMigrationException('What the shop decided since would be lost. Go back to a copy of the shop’s folder instead.');
    }
}
