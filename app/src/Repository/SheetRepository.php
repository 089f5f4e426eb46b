<?php

declare(strict_types=1);

namespace App\Repository;

use App\Entity\JournalEntry;
use App\Entity\Revision;
use App\Entity\RevisionReason;
use App\Entity\Sheet;
use App\Entity\SheetPicture;
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

    public function picture(Sheet $sheet, int $number): ?SheetPicture
    {
        return $this->entities->getRepository(SheetPicture::class)->findOneBy(['sheet' => $sheet, 'number' => $number]);
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

    /**
     * What the shelf shows of a sheet: derived, so kept beside the entity, where it never stands in the way of a person
     * who types. Null where none was made of the text and notation as they stand.
     */
    public function outline(Sheet $sheet): ?string
    {
        $outline = $this->entities->getConnection()->fetchOne('SELECT outline FROM sheet WHERE id = ? AND outline_key = ?', [$sheet->id, self::outlineKey($sheet)]);

        return \is_string($outline) ? $outline : null;
    }

    public function rememberOutline(Sheet $sheet, string $outline): void
    {
        $this->entities->getConnection()->update('sheet', ['outline' => $outline, 'outline_key' => self::outlineKey($sheet)], ['id' => $sheet->id]);
    }

    private static function outlineKey(Sheet $sheet): string
    {
        return hash('xxh64', implode(' ', [$sheet->notation()->id(), $sheet->textHash(), ...$sheet->switchedOff()]));
    }

    /** The text of a sheet as another request left it. */
    public function textInDatabase(Sheet $sheet): string
    {
        $text = $this->entities->getConnection()->fetchOne('SELECT text FROM sheet WHERE id = ?', [$sheet->id]);

        return \is_string($text) ? $text : '';
    }

    public function isEmpty(): bool
    {
        return 0 === (int) $this->entities->createQuery('SELECT COUNT(s.id) FROM '.Sheet::class.' s')->getSingleScalarResult();
    }
}
