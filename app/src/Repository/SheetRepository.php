<?php

declare(strict_types=1);

namespace App\Repository;

use App\Entity\JournalEntry;
use App\Entity\Revision;
use App\Entity\RevisionReason;
use App\Entity\Sheet;
use Doctrine\ORM\EntityManagerInterface;

final readonly class SheetRepository
{
    private const MINUTES_OF_WORK_A_REVISION = 10;

    public function __construct(private EntityManagerInterface $entities)
    {
    }

    public function find(string $id): ?Sheet
    {
        return $this->entities->find(Sheet::class, $id);
    }

    /** @return list<Sheet> those on the shelf, the one changed last first */
    public function onShelf(): array
    {
        /** @var list<Sheet> $sheets */
        $sheets = $this->entities->createQuery('SELECT s FROM '.Sheet::class.' s WHERE s.deletedAt IS NULL ORDER BY s.changedAt DESC, s.id DESC')->getResult();

        return $sheets;
    }

    public function add(Sheet $sheet, \DateTimeImmutable $now): void
    {
        $this->entities->persist($sheet);
        $this->entities->persist(new Revision($sheet, RevisionReason::Import, $now));
        $this->entities->flush();
    }

    public function keepRevision(Sheet $sheet, RevisionReason $reason, \DateTimeImmutable $now): void
    {
        $this->entities->persist(new Revision($sheet, $reason, $now));
    }

    /** Writes down what was typed; now and then, the whole text before it as well. */
    public function record(Sheet $sheet, string $changeId, string $baseHash, string $edits, \DateTimeImmutable $now): void
    {
        $this->entities->persist(new JournalEntry($changeId, $sheet, $baseHash, $sheet->textHash(), $edits, $now));
        $last = $this->entities->createQuery('SELECT MAX(r.at) FROM '.Revision::class.' r WHERE r.sheet = :sheet')->setParameter('sheet', $sheet)->getSingleScalarResult();
        if (!\is_string($last) || new \DateTimeImmutable($last) < $now->modify('-'.self::MINUTES_OF_WORK_A_REVISION.' minutes')) {
            $this->keepRevision($sheet, RevisionReason::Work, $now);
        }
    }

    public function hasRecorded(string $changeId): bool
    {
        return null !== $this->entities->find(JournalEntry::class, $changeId);
    }

    public function save(): void
    {
        $this->entities->flush();
    }

    /** Beside the entities, since what is derived must never stand in the way of a person who types. */
    public function rememberOutline(Sheet $sheet, string $outline): void
    {
        $this->entities->getConnection()->update('sheet', ['outline' => $outline, 'outline_hash' => $sheet->textHash()], ['id' => $sheet->id, 'text_hash' => $sheet->textHash()]);
    }

    /** The sheet as another request left it. */
    public function reload(Sheet $sheet): Sheet
    {
        $text = $this->entities->getConnection()->fetchAssociative('SELECT text, changed_at FROM sheet WHERE id = ?', [$sheet->id]);
        if (false !== $text) {
            $sheet->replaceText((string) $text['text'], new \DateTimeImmutable((string) $text['changed_at']));
        }

        return $sheet;
    }

    public function isEmpty(): bool
    {
        return 0 === (int) $this->entities->createQuery('SELECT COUNT(s.id) FROM '.Sheet::class.' s')->getSingleScalarResult();
    }

    public function clear(): void
    {
        foreach ([JournalEntry::class, Revision::class, Sheet::class] as $entity) {
            $this->entities->createQuery("DELETE FROM {$entity} e")->execute();
        }
    }
}
