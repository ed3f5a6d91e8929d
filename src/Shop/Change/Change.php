<?php

declare(strict_types=1);

namespace Ektype\App\Shop\Change;

use Doctrine\ORM\Mapping as ORM;

/** Something that was done to the shop, with every row that it touched as it stood before and after. */
#[ORM\Entity]
#[ORM\Table(name: 'shop_change')]
#[ORM\Index(columns: ['page', 'id'])]
class Change
{
    private const LONGEST = 200;

    #[ORM\Id]
    #[ORM\GeneratedValue]
    #[ORM\Column]
    public ?int $id = null;

    #[ORM\Column]
    public bool $undone = false;

    /** The turn of the shop at which it was made. */
    #[ORM\Column(options: ['default' => 0])]
    public int $turn = 0;

    #[ORM\Column(length: self::LONGEST)]
    public string $what;

    /** @var array<mixed> */
    #[ORM\Column]
    private array $rows;

    /** @var list<string> parts of the shop that it touched */
    #[ORM\Column]
    public array $parts;

    /** @param list<TouchedRow> $rows */
    public function __construct(
        /** The page from which it was done; empty for nobody’s. */
        #[ORM\Column(length: 40)]
        public string $page,
        #[ORM\Column]
        public \DateTimeImmutable $madeAt,
        string $what,
        array $rows,
    ) {
        $this->what = mb_strimwidth($what, 0, self::LONGEST, '…');
        $this->rows = array_map(static fn (TouchedRow $row): array => $row->toArray(), $rows);
        $this->parts = array_values(array_unique(array_merge(...array_map(static fn (TouchedRow $row): array => $row->parts(), $rows))));
    }

    /** @return list<TouchedRow> */
    public function rows(): array
    {
        $rows = [];
        foreach ($this->rows as $row) {
            if (\is_array($row) && \is_string($row['table'] ?? null) && \is_int($row['id'] ?? null)) {
                $rows[] = new TouchedRow(
                    $row['table'],
                    $row['id'],
                    self::columns($row['before'] ?? null),
                    self::columns($row['after'] ?? null),
                );
            }
        }

        return $rows;
    }

    public function sharesPartsWith(self $other): bool
    {
        return array_intersect($this->parts, $other->parts) !== [];
    }

    /** @return array<string, scalar|null>|null */
    private static function columns(mixed $stored): ?array
    {
        if (!\is_array($stored)) {
            return null;
        }
        $columns = [];
        foreach ($stored as $name => $value) {
            $columns[(string) $name] = \is_scalar($value) ? $value : null;
        }

        return $columns;
    }
}
