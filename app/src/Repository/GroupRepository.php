<?php

declare(strict_types=1);

namespace App\Repository;

use App\Entity\Sheet;
use App\Entity\SheetGroup;
use Doctrine\ORM\EntityManagerInterface;

/** The groups of the shelf, in their order. */
final readonly class GroupRepository
{
    public function __construct(private EntityManagerInterface $entities)
    {
    }

    public function find(string $id): ?SheetGroup
    {
        return $this->entities->find(SheetGroup::class, $id);
    }

    /** @return list<SheetGroup> */
    public function all(): array
    {
        return $this->entities->getRepository(SheetGroup::class)->findBy([], ['position' => 'ASC', 'id' => 'ASC']);
    }

    /** At the end. */
    public function add(string $name): SheetGroup
    {
        $group = new SheetGroup($name, \count($this->all()));
        $this->entities->persist($group);
        $this->entities->flush();

        return $group;
    }

    /** @param int $position from 0; beyond the last is the last */
    public function move(SheetGroup $group, int $position): void
    {
        $others = array_values(array_filter($this->all(), static fn (SheetGroup $one) => $one !== $group));
        array_splice($others, max(0, $position), 0, [$group]);
        foreach ($others as $index => $one) {
            $one->position = $index;
        }
        $this->entities->flush();
    }

    public function save(): void
    {
        $this->entities->flush();
    }

    /** Its sheets stay on the shelf, in no group; removed ones, too. */
    public function remove(SheetGroup $group): void
    {
        $this->entities->createQuery('UPDATE '.Sheet::class.' s SET s.group = NULL WHERE s.group = :group')->setParameter('group', $group)->execute();
        $this->entities->remove($group);
        $this->entities->flush();
    }
}
