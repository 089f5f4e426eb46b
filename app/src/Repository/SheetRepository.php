<?php

declare(strict_types=1);

namespace App\Repository;

use App\Entity\JournalEntry;
use App\Entity\Revision;
use App\Entity\RevisionReason;
use App\Entity\Sheet;
use App\Entity\SheetPicture;
use Doctrine\DBAL\Exception\DriverException;
use Doctrine\ORM\EntityManagerInterface;
use Notagram\Editing\Thinning;

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

    /** @return list<SheetOnShelf> the one changed last first; no text is read for it */
    public function onShelf(): array
    {
        /** @var list<SheetOnShelf> $sheets */
        $sheets = $this->entities->createQuery('SELECT NEW '.SheetOnShelf::class.'(s.id, s.title, s.notation, s.textHash, s.switchedOff, s.expectedQuestions, s.awaitsTidying, s.changedAt, IDENTITY(s.group)) FROM '.Sheet::class.' s WHERE s.deletedAt IS NULL ORDER BY s.changedAt DESC, s.id DESC')->getResult();

        return $sheets;
    }

    /**
     * @param int $most how many at most; below zero for all
     *
     * @return iterable<TextOnShelf> the one changed last first, one at a time: together they may be large
     */
    public function textsOnShelf(int $most = -1): iterable
    {
        // Which ones is settled before any text is read.
        $rows = $this->entities->getConnection()->iterateNumeric('SELECT s.id, s.title, s.notation, t.text FROM (SELECT id, title, notation, changed_at FROM sheet WHERE deleted_at IS NULL ORDER BY changed_at DESC, id DESC LIMIT ?) s JOIN sheet_text t ON t.sheet_id = s.id ORDER BY s.changed_at DESC, s.id DESC', [$most]);
        foreach ($rows as [$id, $title, $notation, $text]) {
            \assert(\is_string($id) && \is_string($title) && \is_string($notation) && \is_string($text));
            yield new TextOnShelf($id, $title, $notation, $text);
        }
    }

    /** @return list<string> */
    public function titlesOnShelf(): array
    {
        /** @var list<string> $titles */
        $titles = $this->entities->createQuery('SELECT s.title FROM '.Sheet::class.' s WHERE s.deletedAt IS NULL')->getSingleColumnResult();

        return $titles;
    }

    /**
     * Changes a sheet as it stands in the database, one request at a time: the others wait.
     *
     * @template T
     *
     * @param \Closure(): T $change
     *
     * @return T
     */
    public function change(Sheet $sheet, \Closure $change): mixed
    {
        return $this->entities->wrapInTransaction(function () use ($sheet, $change) {
            $version = $this->entities->getConnection()->fetchOne('SELECT version FROM sheet WHERE id = ?', [$sheet->id]);
            if ($version !== $sheet->version()) {
                $this->entities->refresh($sheet);
            }

            return $change();
        });
    }

    public function add(Sheet $sheet, \DateTimeImmutable $now): void
    {
        $this->entities->persist($sheet);
        $this->entities->persist(new Revision($sheet, RevisionReason::Import, $now));
        $this->entities->flush();
    }

    public function picture(Sheet $sheet, int $number): ?SheetPicture
    {
        return $this->entities->getRepository(SheetPicture::class)->findOneBy(['sheet' => $sheet, 'number' => $number]);
    }

    /** Keeps the text as it stands; what is superfluous of the texts before it goes. */
    public function keepRevision(Sheet $sheet, RevisionReason $reason, \DateTimeImmutable $now): void
    {
        $this->entities->persist(new Revision($sheet, $reason, $now));
        $kept = array_reverse($this->states($sheet));
        foreach (Thinning::superfluous(array_map(static fn (Revision $state) => $state->at, $kept), $now) as $index) {
            $this->entities->remove($kept[$index]);
        }
    }

    /** @return list<Revision> the last one first */
    public function states(Sheet $sheet): array
    {
        return $this->entities->getRepository(Revision::class)->findBy(['sheet' => $sheet], ['at' => 'DESC', 'id' => 'DESC']);
    }

    public function state(Sheet $sheet, string $id): ?Revision
    {
        return $this->entities->getRepository(Revision::class)->findOneBy(['sheet' => $sheet, 'id' => $id]);
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

    public function recorded(string $changeId): ?JournalEntry
    {
        return $this->entities->find(JournalEntry::class, $changeId);
    }

    /**
     * The states of the questions of all sheets, by the sheet's id: derived, so kept beside the entities, where they never
     * stand in the way of a person who types. Each is of the text that its key names.
     *
     * @return array<string, Outline>
     */
    public function outlines(): array
    {
        $outlines = [];
        foreach ($this->entities->getConnection()->iterateNumeric('SELECT sheet_id, of_text, states, unmarked FROM outline') as [$id, $key, $states, $unmarked]) {
            \assert(\is_string($id) && \is_string($key) && \is_string($states) && \is_int($unmarked));
            $outlines[$id] = new Outline($key, $states, $unmarked);
        }

        return $outlines;
    }

    /** Where it cannot be kept, it is worked out again: reading must not fail because the disk is full or may only be read. */
    public function rememberOutline(string $id, Outline $outline): void
    {
        try {
            $this->entities->getConnection()->executeStatement('INSERT INTO outline (sheet_id, of_text, states, unmarked) VALUES (?, ?, ?, ?) ON CONFLICT (sheet_id) DO UPDATE SET of_text = excluded.of_text, states = excluded.states, unmarked = excluded.unmarked', [$id, $outline->key, $outline->states, $outline->unmarked]);
        } catch (DriverException) {
        }
    }

    /** Where its states rest on something else than what its key names. */
    public function forgetOutline(string $id): void
    {
        $this->entities->getConnection()->executeStatement('DELETE FROM outline WHERE sheet_id = ?', [$id]);
    }

    public function isEmpty(): bool
    {
        return 0 === (int) $this->entities->createQuery('SELECT COUNT(s.id) FROM '.Sheet::class.' s')->getSingleScalarResult();
    }
}
