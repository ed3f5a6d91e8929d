<?php

declare(strict_types=1);

namespace Ektype\App\Migrations;

use Doctrine\DBAL\Schema\Schema;
use Doctrine\Migrations\AbstractMigration;

/** Trials of prints and inks, editions, and what is left in a pot. */
final class Version20261215000000 extends AbstractMigration
{
    public function up(Schema $schema): void
    {
        $this->addSql('CREATE TABLE trial (id INTEGER PRIMARY KEY AUTOINCREMENT NOT NULL, kind VARCHAR(10) NOT NULL, told CLOB NOT NULL)');
        $this->addSql("ALTER TABLE job ADD COLUMN edition CLOB DEFAULT '{}' NOT NULL");
        $this->addSql('ALTER TABLE ink ADD COLUMN grams_left DOUBLE PRECISION DEFAULT NULL');
    }

    public function down(Schema $schema): void
    {
        $this->addSql('DROP TABLE trial');
        $this->addSql('ALTER TABLE job DROP COLUMN edition');
        $this->addSql('ALTER TABLE ink DROP COLUMN grams_left');
    }
}
