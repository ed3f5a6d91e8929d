<?php

declare(strict_types=1);

namespace Ektype\App\Shop;

use Doctrine\DBAL\Exception\LockWaitTimeoutException;

/** What keeps the shop from being changed and is no fault of its program: told apart by how the database and the disk complain. */
enum Trouble
{
    /** Another program holds the database. */
    case Busy;
    /** Nothing can be written any more. */
    case DiskFull;
    /** The database was taken away or cannot be read. */
    case DatabaseGone;

    public static function of(\Throwable $fault): ?self
    {
        for ($one = $fault; $one !== null; $one = $one->getPrevious()) {
            $says = $one->getMessage();
            $trouble = match (true) {
                $one instanceof LockWaitTimeoutException, str_contains($says, 'database is locked'), str_contains($says, 'database table is locked') => self::Busy,
                str_contains($says, 'database or disk is full'), str_contains($says, 'No space left on device'), str_contains($says, 'Disk quota exceeded') => self::DiskFull,
                str_contains($says, 'unable to open database file'), str_contains($says, 'no such table'), str_contains($says, 'disk image is malformed'), str_contains($says, 'file is not a database') => self::DatabaseGone,
                default => null,
            };
            if ($trouble !== null) {
                return $trouble;
            }
        }

        return null;
    }
}
