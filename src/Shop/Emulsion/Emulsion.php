<?php

declare(strict_types=1);

namespace Ektype\App\Shop\Emulsion;

use Doctrine\ORM\Mapping as ORM;

/** An emulsion as the shop uses it. */
#[ORM\Entity]
class Emulsion
{
    #[ORM\Id]
    #[ORM\GeneratedValue]
    #[ORM\Column]
    public ?int $id = null;

    public function __construct(
        #[ORM\Column(length: 60, unique: true)]
        public string $name,
        #[ORM\Column(length: 20)]
        public string $kind,
    ) {
    }
}
