<?php

declare(strict_types=1);

namespace Ektype\App\Migrations;

use Doctrine\DBAL\Schema\Schema;
use Doctrine\Migrations\AbstractMigration;

/** What of the shop is assumed until it is measured; what an order says besides; the job that is printed again. */
final class Version20261130000000 extends AbstractMigration
{
    private const ASSUMED = ['ink', 'frame', 'lamp', 'emulsion', 'press', 'film_printer'];

    public function up(Schema $schema): void
    {
        foreach (self::ASSUMED as $shelf) {
            $this->addSql('ALTER TABLE '.$shelf.' ADD COLUMN assumed BOOLEAN DEFAULT 0 NOT NULL');
        }
        $this->addSql("ALTER TABLE emulsion ADD COLUMN batch VARCHAR(40) DEFAULT '' NOT NULL");
        $this->addSql("ALTER TABLE job ADD COLUMN notes VARCHAR(2000) DEFAULT '' NOT NULL");
        $this->addSql("ALTER TABLE job ADD COLUMN lines CLOB DEFAULT '[]' NOT NULL");
        $this->addSql('ALTER TABLE job ADD COLUMN again_of INTEGER DEFAULT NULL');
    }

    public function down(Schema $schema): void
    {
        foreach (self::ASSUMED as $shelf) {
            $this->addSql('ALTER TABLE '.$shelf.' DROP COLUMN assumed');
        }
        $this->addSql('ALTER TABLE emulsion DROP COLUMN batch');
        foreach (['notes', 'lines', 'again_of'] as $column) {
            $this->addSql('ALTER TABLE job DROP COLUMN '.$column);
        }
    }
}
