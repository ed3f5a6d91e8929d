<?php

declare(strict_types=1);

namespace Ektype\App\Serving;

/** Where and to whom the shop is opened. */
final readonly class Door
{
    /**
     * @param int          $port  of the address at which pages are asked for
     * @param list<string> $names under which other devices find this machine; none where it is open to itself alone
     * @param string       $user  whose the processes are that answer; empty for whoever starts them
     * @param int          $files how many files one process may hold open
     */
    public function __construct(public int $port, public array $names, public string $user, public int $files)
    {
    }

    public function isOpenToNetwork(): bool
    {
        return $this->names !== [];
    }
}
