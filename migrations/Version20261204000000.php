<?php

declare(strict_types=1);

namespace Ektype\App\Migrations;

use Doctrine\DBAL\Schema\Schema;
use Doctrine\Migrations\AbstractMigration;

/** The shop's own number, by which database and folder know each other; what it wrote among its files; devices and tries at its door. */
final class Version20261204000000 extends AbstractMigration
{
    public function up(Schema $schema): void
    {
        $this->addSql('CREATE TABLE shop_identity (id VARCHAR(32) NOT NULL)');
        $this->addSql('CREATE TABLE written (path VARCHAR(200) PRIMARY KEY NOT NULL)');
        $this->addSql('CREATE TABLE device (id INTEGER PRIMARY KEY AUTOINCREMENT NOT NULL, name VARCHAR(80) NOT NULL, pass VARCHAR(64) NOT NULL, let_in_at INTEGER NOT NULL, seen_at INTEGER NOT NULL)');
        $this->addSql('CREATE UNIQUE INDEX device_pass ON device (pass)');
        $this->addSql('CREATE TABLE door_try (id INTEGER PRIMARY KEY AUTOINCREMENT NOT NULL, address VARCHAR(45) NOT NULL, tried_at INTEGER NOT NULL)');
        $this->addSql('CREATE INDEX door_try_at ON door_try (tried_at)');
    }

    public function down(Schema $schema): void
    {
        foreach (['shop_identity', 'written', 'device', 'door_try'] as $table) {
            $this->addSql('DROP TABLE '.$table);
        }
    }
}
