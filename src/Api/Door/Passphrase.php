<?php

declare(strict_types=1);

namespace Ektype\App\Api\Door;

use Symfony\Component\DependencyInjection\Attribute\Autowire;

/**
 * The words by which a device is let into a shop that is open in its network. The launcher lays them into a folder that only
 * the shop’s own user reads; without the folder the shop is open to this machine alone, and nobody is asked.
 */
final readonly class Passphrase
{
    public function __construct(#[Autowire('%env(EKTYPE_DOOR)%')] private string $folder)
    {
    }

    public function isAsked(): bool
    {
        return $this->folder !== '';
    }

    /** Capitals and the spaces between do not count: it is typed with wet hands. */
    public function is(string $typed): bool
    {
        $words = $this->words();

        return $words !== '' && hash_equals($words, self::bare($typed));
    }

    /**
     * The words themselves, bare.
     *
     * @throws \RuntimeException where the launcher has laid none
     */
    public function words(): string
    {
        $text = @file_get_contents($this->folder.'/passphrase');

        return $text === false || trim($text) === '' ? throw new \RuntimeException('The shop’s folder has no pass-phrase for its network.') : self::bare($text);
    }

    private static function bare(string $words): string
    {
        return (string) preg_replace('/[\s\-]+/u', ' ', trim(mb_strtolower($words)));
    }
}
