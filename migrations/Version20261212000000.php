<?php

declare(strict_types=1);

namespace Ektype\App\Migrations;

use Doctrine\DBAL\Schema\Schema;
use Doctrine\Migrations\AbstractMigration;

/** What is told of a run, event by event, and who approved its strike-off. */
final class Version20261212000000 extends AbstractMigration
{
    public function up(Schema $schema): void
    {
        $this->addSql('CREATE TABLE run_entry (id INTEGER PRIMARY KEY AUTOINCREMENT NOT NULL, event VARCHAR(60) NOT NULL, at_ms INTEGER NOT NULL, kind VARCHAR(20) NOT NULL, line INTEGER NOT NULL, size VARCHAR(20) NOT NULL, pieces INTEGER NOT NULL, x_mm DOUBLE PRECISION DEFAULT NULL, y_mm DOUBLE PRECISION DEFAULT NULL, cause VARCHAR(40) DEFAULT NULL, reason VARCHAR(40) DEFAULT NULL, plate INTEGER DEFAULT NULL, grams DOUBLE PRECISION DEFAULT NULL, name VARCHAR(60) NOT NULL, job_id INTEGER NOT NULL, CONSTRAINT FK_17BE87FEBE04EA9 FOREIGN KEY (job_id) REFERENCES job (id) ON DELETE CASCADE NOT DEFERRABLE INITIALLY IMMEDIATE)');
        $this->addSql('CREATE INDEX IDX_17BE87FEBE04EA9 ON run_entry (job_id)');
        $this->addSql('CREATE UNIQUE INDEX UNIQ_17BE87FEBE04EA93BAE0AA7 ON run_entry (job_id, event)');
        $this->addSql('ALTER TABLE job ADD COLUMN approval CLOB DEFAULT NULL');
    }

    public function down(Schema $schema): void
    {
        $this->addSql('DROP TABLE run_entry');
        $this->addSql('ALTER TABLE job DROP COLUMN approval');
    }
}
