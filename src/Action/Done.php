<?php

declare(strict_types=1);

namespace Ektype\App\Action;

/** What a change has done. */
final readonly class Done
{
    /** @param list<object> $made what is new in the shop */
    public function __construct(public string $what, private array $made)
    {
    }

    /**
     * @template T of object
     *
     * @param class-string<T> $kind
     *
     * @return T
     */
    public function made(string $kind): object
    {
        foreach ($this->made as $one) {
            if ($one instanceof $kind) {
                return $one;
            }
        }
        throw new \LogicException('Nothing of that kind was made.');
    }
}
