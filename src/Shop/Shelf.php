<?php

declare(strict_types=1);

namespace Ektype\App\Shop;

use Doctrine\ORM\EntityManagerInterface;
use Doctrine\ORM\EntityRepository;

/**
 * Where the shop keeps things of one kind.
 *
 * @template T of object
 */
abstract readonly class Shelf
{
    public function __construct(protected EntityManagerInterface $entities)
    {
    }

    /** @return class-string<T> */
    abstract protected static function kind(): string;

    /** @return T|null */
    public function find(int $id): ?object
    {
        return $this->entities->find(static::kind(), $id);
    }

    /**
     * @return T
     *
     * @throws NotHere where it is gone
     */
    public function get(int $id): object
    {
        return $this->find($id) ?? throw new NotHere();
    }

    /** @return list<T> as they came */
    public function all(): array
    {
        return $this->shelf()->findBy([], ['id' => 'ASC']);
    }

    /** @return T|null the first that came */
    public function first(): ?object
    {
        return $this->shelf()->findOneBy([], ['id' => 'ASC']);
    }

    /** @return T|null where there is just one */
    public function only(): ?object
    {
        $two = $this->shelf()->findBy([], ['id' => 'ASC'], 2);

        return \count($two) === 1 ? $two[0] : null;
    }

    public function count(): int
    {
        return $this->shelf()->count([]);
    }

    /** @param T $one */
    public function add(object $one): void
    {
        $this->entities->persist($one);
    }

    /** @param T $one */
    public function remove(object $one): void
    {
        $this->entities->remove($one);
    }

    /** @return EntityRepository<T> */
    protected function shelf(): EntityRepository
    {
        return $this->entities->getRepository(static::kind());
    }

    /**
     * @param literal-string       $dql
     * @param array<string, mixed> $with
     *
     * @return list<T>
     */
    protected function asked(string $dql, array $with = [], ?int $most = null): array
    {
        $query = $this->entities->createQuery($dql)->setParameters($with);
        if ($most !== null) {
            $query->setMaxResults($most);
        }
        $found = $query->getResult();
        $kind = static::kind();

        return array_values(array_filter(\is_array($found) ? $found : [], static fn (mixed $one): bool => $one instanceof $kind));
    }
}
