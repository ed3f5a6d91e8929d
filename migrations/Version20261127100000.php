<?php

declare(strict_types=1);

namespace Ektype\App\Migrations;

use Doctrine\DBAL\Schema\Schema;
use Doctrine\Migrations\AbstractMigration;

/** Gain charts that were read are kept by press, mesh, ink, ruling and strokes. */
final class Version20261127100000 extends AbstractMigration
{
    public function up(Schema $schema): void
    {
        $this->addSql('CREATE TABLE chart_read (id INTEGER PRIMARY KEY AUTOINCREMENT NOT NULL, threads_per_cm DOUBLE PRECISION DEFAULT NULL, ink VARCHAR(20) DEFAULT NULL, lpi DOUBLE PRECISION NOT NULL, strokes INTEGER NOT NULL, readings CLOB NOT NULL, read_on VARCHAR(10) NOT NULL, press_id INTEGER DEFAULT NULL, CONSTRAINT FK_chart_read_press FOREIGN KEY (press_id) REFERENCES press (id) ON DELETE SET NULL NOT DEFERRABLE INITIALLY IMMEDIATE)');
        $this->addSql('CREATE INDEX IDX_CAB41C28B444985D ON chart_read (press_id)');
    }

    public function down(Schema $schema): void
    {
        $this->addSql('DROP TABLE chart_read');
    }
}
