<?php

declare(strict_types=1);

namespace Ektype\App\Shop\Backup;

/** Which steps a shop's database has taken, against those that this program knows. */
final readonly class ShopVersion
{
    /** @var list<string> */
    private array $known;

    public function __construct(string $projectDir)
    {
        $this->known = array_map(
            static fn (string|false $file): string => basename((string) $file, '.php'),
            (array) glob($projectDir.'/migrations/Version*.php'),
        );
    }

    /**
     * @return list<string> steps of a database that this program does not know
     *
     * @throws UnusableBackup where it is no shop's database
     */
    public function unknownIn(string $database): array
    {
        return array_values(array_diff(self::takenBy($database), $this->known));
    }

    /**
     * @throws UnusableBackup where the database was made by a newer program: opened with this one, it would lose what it cannot hold
     */
    public function mustKnow(string $database): void
    {
        if ($this->unknownIn($database) !== []) {
            throw UnusableBackup::at('database', 'This shop was last opened with a newer Ektype than this one, which would not know what to do with all of it. Nothing was changed. Bring this program up to date, or open a backup that it made itself.');
        }
    }

    /** @return list<string> */
    private static function takenBy(string $database): array
    {
        try {
            $shop = new \PDO('sqlite:'.$database, null, null, [\PDO::ATTR_ERRMODE => \PDO::ERRMODE_EXCEPTION]);
            $taken = $shop->query('SELECT version FROM migration');
            $found = $taken === false ? throw new \PDOException() : $taken->fetchAll(\PDO::FETCH_COLUMN);
        } catch (\PDOException) {
            throw UnusableBackup::at('database', 'This is not the database of a shop, or it is damaged. Take the newest backup that opens.');
        }

        return array_map(
            static fn (mixed $version): string => \is_string($version) ? substr((string) strrchr('\\'.$version, '\\'), 1) : '',
            array_values($found),
        );
    }
}
