<?php

declare(strict_types=1);

namespace Ektype\App\Migrations;

use Doctrine\DBAL\Schema\Schema;
use Doctrine\Migrations\AbstractMigration;

/** A gain chart tells what printed and read it, where that was a simulated press. */
final class Version20261128000000 extends AbstractMigration
{
    public function up(Schema $schema): void
    {
        $this->addSql('ALTER TABLE chart_read ADD COLUMN device VARCHAR(60) DEFAULT NULL');
    }

    public function down(Schema $schema): void
    {
        $this->addSql('ALTER TABLE chart_read DROP COLUMN device');
    }
}
