<?php

declare(strict_types=1);

namespace Ektype\App\Console;

use Ektype\App\Shop\Backup\ShopVersion;
use Ektype\Core\Unit\Refusal;
use Symfony\Component\Console\Attribute\AsCommand;
use Symfony\Component\Console\Command\Command;
use Symfony\Component\Console\Input\InputInterface;
use Symfony\Component\Console\Output\OutputInterface;

#[AsCommand('shop:fits', 'Says whether this program may open the shop: one that a newer program has opened is left alone')]
final class FitsShop extends Command
{
    public function __construct(private readonly ShopVersion $version, private readonly string $shopData)
    {
        parent::__construct();
    }

    protected function execute(InputInterface $input, OutputInterface $output): int
    {
        $database = $this->shopData.'/shop.db';
        try {
            if (is_file($database) && filesize($database) > 0) {
                $this->version->mustKnow($database);
            }
        } catch (Refusal $refusal) {
            return Told::refuse($output, $refusal->on, $refusal->getMessage());
        }

        return self::SUCCESS;
    }
}
