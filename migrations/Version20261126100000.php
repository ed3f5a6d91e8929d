<?php

declare(strict_types=1);

namespace Ektype\App\Migrations;

use Doctrine\DBAL\Schema\Schema;
use Doctrine\Migrations\AbstractMigration;

/** A burned screen and the readings of a plate know which picture they are of; a screen knows whether it was burned damp. */
final class Version20261126100000 extends AbstractMigration
{
    public function up(Schema $schema): void
    {
        $this->addSql('ALTER TABLE plate ADD COLUMN picture VARCHAR(40) DEFAULT NULL');
        $this->addSql('ALTER TABLE plate ADD COLUMN read_of VARCHAR(40) DEFAULT NULL');
        $this->addSql('ALTER TABLE stencil ADD COLUMN picture VARCHAR(40) DEFAULT NULL');
        $this->addSql('ALTER TABLE dark_room ADD COLUMN hands INTEGER DEFAULT 2 NOT NULL');
        $this->addSql('ALTER TABLE stencil ADD COLUMN burned_damp BOOLEAN DEFAULT 0 NOT NULL');
    }

    public function down(Schema $schema): void
    {
        foreach (['plate' => ['picture', 'read_of'], 'stencil' => ['picture', 'burned_damp'], 'dark_room' => ['hands']] as $table => $columns) {
            foreach ($columns as $column) {
                $this->addSql("ALTER TABLE $table DROP COLUMN $column");
            }
        }
    }
}
