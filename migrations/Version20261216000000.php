<?php

declare(strict_types=1);

namespace Ektype\App\Migrations;

use Doctrine\DBAL\Schema\Schema;
use Doctrine\Migrations\AbstractMigration;

/** Films mirrored, negative, and several of each. */
final class Version20261216000000 extends AbstractMigration
{
    public function up(Schema $schema): void
    {
        $this->addSql('ALTER TABLE job ADD COLUMN film_mirrored BOOLEAN DEFAULT 0 NOT NULL');
        $this->addSql('ALTER TABLE job ADD COLUMN film_negative BOOLEAN DEFAULT 0 NOT NULL');
        $this->addSql('ALTER TABLE job ADD COLUMN film_copies INTEGER DEFAULT 1 NOT NULL');
    }

    public function down(Schema $schema): void
    {
        $this->addSql('ALTER TABLE job DROP COLUMN film_mirrored');
        $this->addSql('ALTER TABLE job DROP COLUMN film_negative');
        $this->addSql('ALTER TABLE job DROP COLUMN film_copies');
    }
}
