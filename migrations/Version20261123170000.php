<?php

declare(strict_types=1);

namespace Ektype\App\Migrations;

use Doctrine\DBAL\Schema\Schema;
use Doctrine\Migrations\AbstractMigration;

/** Tension of frames over time. */
final class Version20261123170000 extends AbstractMigration
{
    public function getDescription(): string
    {
        return 'Tension readings of frames';
    }

    public function up(Schema $schema): void
    {
        $this->addSql('CREATE TABLE tension_reading (id INTEGER PRIMARY KEY AUTOINCREMENT NOT NULL, done_on VARCHAR(10) NOT NULL, along CLOB NOT NULL, across CLOB NOT NULL, frame_id INTEGER NOT NULL, CONSTRAINT FK_BBE8B7A53FA3C347 FOREIGN KEY (frame_id) REFERENCES frame (id) ON DELETE CASCADE NOT DEFERRABLE INITIALLY IMMEDIATE)');
        $this->addSql('CREATE INDEX IDX_BBE8B7A53FA3C347 ON tension_reading (frame_id)');
    }

    public function down(Schema $schema): void
    {
        $this->addSql('DROP TABLE tension_reading');
    }
}
