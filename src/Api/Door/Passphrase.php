<?php

declare(strict_types=1);

namespace Ektype\App\Api\Door;

use Symfony\Component\DependencyInjection\Attribute\Autowire;

/**
 * The words by which a device is let into a shop that is open in its network. The launcher lays them, and the secret that
 * signs what devices carry, into a folder that only the shop’s own user reads; without the folder the shop is open to this
 * machine alone, and nobody is asked.
 */
final readonly class Passphrase
{
    /** A device is asked again after so long, s. */
    private const LASTS_S = 400 * 86_400;

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
        $words = self::bare($this->read('passphrase'));

        return $words !== '' && hash_equals($words, self::bare($typed));
    }

    /** What a device that was let in carries from now on: until when, and that it was signed here. */
    public function pass(int $now): string
    {
        $until = (string) ($now + self::LASTS_S);

        return $until.'.'.$this->signed($until);
    }

    public function letsIn(string $pass, int $now): bool
    {
        $parts = explode('.', $pass);
        if (\count($parts) !== 2 || !ctype_digit($parts[0]) || (int) $parts[0] < $now || (int) $parts[0] > $now + self::LASTS_S) {
            return false;
        }

        return hash_equals($this->signed($parts[0]), $parts[1]);
    }

    public static function lasts(): int
    {
        return self::LASTS_S;
    }

    private function signed(string $until): string
    {
        // Other words make all passes worthless.
        return hash_hmac('sha256', $until.' '.self::bare($this->read('passphrase')), $this->read('secret'));
    }

    private function read(string $name): string
    {
        $text = @file_get_contents($this->folder.'/'.$name);

        return $text === false || trim($text) === '' ? throw new \RuntimeException('The shop’s folder has no '.$name.' for its network.') : trim($text);
    }

    private static function bare(string $words): string
    {
        return (string) preg_replace('/[\s\-]+/u', ' ', trim(mb_strtolower($words)));
    }
}
