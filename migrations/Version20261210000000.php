<?php

declare(strict_types=1);

namespace Ektype\App\Migrations;

use Doctrine\DBAL\Schema\Schema;
use Doctrine\Migrations\AbstractMigration;

/** What films are printed on, and what a stencil was burned through. */
final class Version20261210000000 extends AbstractMigration
{
    public function up(Schema $schema): void
    {
        $this->addSql("ALTER TABLE film_printer ADD COLUMN medium VARCHAR(20) DEFAULT 'clear film' NOT NULL");
        $this->addSql("ALTER TABLE stencil ADD COLUMN film VARCHAR(20) DEFAULT '' NOT NULL");
    }

    public function down(Schema $schema): void
    {
        $this->addSql('ALTER TABLE stencil DROP COLUMN film');
        $this->addSql('ALTER TABLE film_printer DROP COLUMN medium');
    }
}
