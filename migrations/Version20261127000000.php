<?php

declare(strict_types=1);

namespace Ektype\App\Migrations;

use Doctrine\DBAL\Schema\Schema;
use Doctrine\Migrations\AbstractMigration;

/** A job has a method and keeps the plan of each that it had; a plate has the shape of its dots and how often its ink is laid down. */
final class Version20261127000000 extends AbstractMigration
{
    public function up(Schema $schema): void
    {
        $this->addSql("ALTER TABLE job ADD COLUMN method VARCHAR(20) DEFAULT 'spot' NOT NULL");
        $this->addSql("ALTER TABLE job ADD COLUMN tone_plans CLOB DEFAULT '{}' NOT NULL");
        $this->addSql('ALTER TABLE plate ADD COLUMN dot VARCHAR(12) DEFAULT NULL');
        $this->addSql("ALTER TABLE plate ADD COLUMN laying VARCHAR(24) DEFAULT 'one stroke' NOT NULL");
    }

    public function down(Schema $schema): void
    {
        $this->addSql('ALTER TABLE job DROP COLUMN method');
        $this->addSql('ALTER TABLE job DROP COLUMN tone_plans');
        $this->addSql('ALTER TABLE plate DROP COLUMN dot');
        $this->addSql('ALTER TABLE plate DROP COLUMN laying');
    }
}
