<?php

declare(strict_types=1);

namespace Ektype\App\Console;

use Doctrine\DBAL\Connection;
use Ektype\App\Shop\Folder\ShopFolder;
use Ektype\Core\Unit\Refusal;
use Symfony\Component\Console\Attribute\AsCommand;
use Symfony\Component\Console\Command\Command;
use Symfony\Component\Console\Input\ArrayInput;
use Symfony\Component\Console\Input\InputInterface;
use Symfony\Component\Console\Output\BufferedOutput;
use Symfony\Component\Console\Output\OutputInterface;

#[AsCommand('shop:open', 'Looks whether this folder may be opened as a shop, and brings its database up to date; the launcher calls it')]
final class OpenShop extends Command
{
    public function __construct(private readonly ShopFolder $folder, private readonly Connection $connection, private readonly string $shopData)
    {
        parent::__construct();
    }

    protected function execute(InputInterface $input, OutputInterface $output): int
    {
        try {
            if (!$this->folder->look()) {
                touch($this->shopData.'/shop.db');
            }
        } catch (Refusal $refusal) {
            return Told::refuse($output, '', $refusal->getMessage());
        }
        $said = new BufferedOutput();
        $migrate = $this->getApplication()?->find('doctrine:migrations:migrate') ?? throw new \LogicException('The steps of the database are not there.');
        $asked = new ArrayInput(['--allow-no-migration' => true]);
        $asked->setInteractive(false);
        if ($migrate->run($asked, $said) !== self::SUCCESS) {
            return Told::refuse($output, '', 'The shop’s database could not be brought up to date: '.trim($said->fetch()));
        }
        $this->folder->join();
        // Who starts the shop anew gives work that was broken off all its tries again.
        $this->connection->executeStatement("UPDATE task SET attempts = 0 WHERE state IN ('waiting', 'working')");

        return self::SUCCESS;
    }
}
