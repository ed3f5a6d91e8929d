<?php

declare(strict_types=1);

namespace Ektype\App\Migrations;

use Doctrine\DBAL\Schema\Schema;
use Doctrine\Migrations\AbstractMigration;

/** Dryers. */
final class Version20261214000000 extends AbstractMigration
{
    public function up(Schema $schema): void
    {
        $this->addSql("CREATE TABLE shop_dryer (id INTEGER PRIMARY KEY AUTOINCREMENT NOT NULL, settings CLOB DEFAULT '{}' NOT NULL, runs CLOB DEFAULT '[]' NOT NULL)");
    }

    public function down(Schema $schema): void
    {
        $this->addSql('DROP TABLE shop_dryer');
    }
}
