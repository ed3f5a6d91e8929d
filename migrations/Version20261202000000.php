<?php

declare(strict_types=1);

namespace Ektype\App\Migrations;

use Doctrine\DBAL\Schema\Schema;
use Doctrine\Migrations\AbstractMigration;

/** Knobs that were turned, and how the plate lay before and after; what is set on the press for a job; what an emulsion withstands. */
final class Version20261202000000 extends AbstractMigration
{
    public function up(Schema $schema): void
    {
        $this->addSql('CREATE TABLE correction (id INTEGER PRIMARY KEY AUTOINCREMENT NOT NULL, lay_after CLOB DEFAULT NULL, lay_before CLOB NOT NULL, turns CLOB NOT NULL, worst_before DOUBLE PRECISION NOT NULL, turned_at DATETIME NOT NULL, worst_after DOUBLE PRECISION DEFAULT NULL, press_id INTEGER NOT NULL, plate_id INTEGER DEFAULT NULL, CONSTRAINT FK_CORRECTION_PRESS FOREIGN KEY (press_id) REFERENCES press (id) ON DELETE CASCADE NOT DEFERRABLE INITIALLY IMMEDIATE, CONSTRAINT FK_CORRECTION_PLATE FOREIGN KEY (plate_id) REFERENCES plate (id) ON DELETE SET NULL NOT DEFERRABLE INITIALLY IMMEDIATE)');
        $this->addSql("ALTER TABLE job ADD COLUMN set_up CLOB DEFAULT '[]' NOT NULL");
        $this->addSql("ALTER TABLE emulsion ADD COLUMN resists VARCHAR(10) DEFAULT 'unknown' NOT NULL");
        $this->addSql('CREATE INDEX IDX_A29DA1B8B444985D ON correction (press_id)');
        $this->addSql('CREATE INDEX IDX_A29DA1B8DF66E98B ON correction (plate_id)');
    }

    public function down(Schema $schema): void
    {
        $this->addSql('DROP TABLE correction');
        $this->addSql('ALTER TABLE job DROP COLUMN set_up');
        $this->addSql('ALTER TABLE emulsion DROP COLUMN resists');
    }
}
