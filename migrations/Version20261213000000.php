<?php

declare(strict_types=1);

namespace Ektype\App\Migrations;

use Doctrine\DBAL\Schema\Schema;
use Doctrine\Migrations\AbstractMigration;

/** What things cost in the shop. */
final class Version20261213000000 extends AbstractMigration
{
    public function up(Schema $schema): void
    {
        $this->addSql("CREATE TABLE price_list (id INTEGER PRIMARY KEY AUTOINCREMENT NOT NULL, rates CLOB DEFAULT '{}' NOT NULL)");
    }

    public function down(Schema $schema): void
    {
        $this->addSql('DROP TABLE price_list');
    }
}
