<?php

declare(strict_types=1);

namespace Notagram\Handover\Qti;

use Notagram\Handover\HandedOver;
use Notagram\Handover\HandedOverBlock;
use Notagram\Handover\TitledTarget;
use Notagram\Handover\XmlCharacters;
use Notagram\Handover\ZipFile;
use Notagram\Message\Message;
use Notagram\Notation\Loss;
use Notagram\Notation\ReadSheet;
use Notagram\Proof\TextProof;
use Notagram\Question\DerivedTitle;
use Notagram\Question\KeptPictures;
use Notagram\Question\Question;

/** A sheet as a package that quiz systems take: items, a test with a section for each category, and its pictures. */
final readonly class QtiTarget implements TitledTarget
{
    private const LEGACY_FILE = 'questions.xml';
    private const TEST_FILE = 'test.xml';

    public function __construct(private QtiVersion $version, private string $title = '')
    {
    }

    public function id(): string
    {
        return $this->version->value;
    }

    public function label(): string
    {
        return $this->version->label();
    }

    public function about(): Message
    {
        return new Message('target/'.$this->id());
    }

    public function mediaType(): string
    {
        return 'application/zip';
    }

    public function ending(): string
    {
        return 'zip';
    }

    public function styles(): array
    {
        return [];
    }

    public function inStyle(string $words): ?self
    {
        return '' === $words ? $this : null;
    }

    public function titled(string $title): self
    {
        return new self($this->version, $title);
    }

    public function write(ReadSheet $sheet, KeptPictures $pictures = new KeptPictures()): HandedOver
    {
        $proof = new TextProof();
        $identifiers = new Identifiers();
        $blocks = $items = [];
        foreach ($sheet->blocks as $placed) {
            $question = $placed->reading->question;
            if (null === $question) {
                $blocks[] = HandedOverBlock::withoutQuestion($placed, $this->label());
                continue;
            }
            $refusal = $this->version->isStrict() ? null : LegacyItem::refusal($question);
            if (null !== $refusal) {
                $blocks[] = new HandedOverBlock($placed, '', [$refusal]);
                continue;
            }
            $packed = new PackedPictures($pictures);
            $shown = $packed->packed($question);
            $identifier = $identifiers->of($question);
            $title = $question->title ?? DerivedTitle::of($question);
            $written = $this->item($shown, $identifier, '' === $title ? $identifier : $title, new ItemTexts($proof, $this->version, $packed->addressed($this->version->isStrict() ? '../' : '')));
            $items[] = $this->version->isStrict()
                ? new PackagedItem($identifier, $placed->category, Element::of('assessmentItemRef', ['identifier' => $identifier, 'href' => PackagedItem::place($identifier)]), XmlFile::of($written->element, $this->version), $packed->files())
                : new PackagedItem($identifier, $placed->category, $written->element, null, $packed->files());
            $blocks[] = new HandedOverBlock($placed, $question->stem->plain(), [...$written->losses, ...$packed->losses(), ...(XmlCharacters::areNone($written->element->words()) ? [Loss::reduced('qti/control-characters')] : [])]);
        }

        return new HandedOver([] === $items ? '' : fn () => ZipFile::of($this->version->isStrict() ? $this->files($items) : $this->legacyFiles($items)), array_values(array_filter($blocks)));
    }

    private function item(Question $question, string $identifier, string $title, ItemTexts $texts): WrittenItem
    {
        return $this->version->isStrict() ? AssessmentItem::of($question, $identifier, $title, $this->version, $texts) : LegacyItem::of($question, $identifier, $title, $texts);
    }

    /**
     * @param non-empty-list<PackagedItem> $items
     *
     * @return array<string, string>
     */
    private function files(array $items): array
    {
        $manifest = new Manifest($this->version);
        $files = $refs = $resources = $pictures = [];
        foreach ($items as $item) {
            $file = PackagedItem::place($item->identifier);
            $files[$file] = (string) $item->file;
            $pictures += $item->pictures;
            $resources[] = $resource = "item-{$item->identifier}";
            $manifest->add($resource, $this->version->itemType(), [$file, ...array_keys($item->pictures)]);
            $refs[] = [$item->category, $item->inSection];
        }
        $manifest->add('test', $this->version->testType(), [self::TEST_FILE], $resources);

        return [Manifest::NAME => $manifest->xml(), self::TEST_FILE => XmlFile::of($this->test($refs), $this->version)] + $files + $pictures;
    }

    /** @param list<array{list<string>, Element}> $refs */
    private function test(array $refs): Element
    {
        $title = '' === $this->title ? $this->label() : $this->title;
        $sections = ItemSections::of($refs, static fn (string $identifier, ?string $name, array $children) => Element::of('assessmentSection', ['identifier' => $identifier, 'title' => $name ?? $title, 'visible' => null === $name ? 'false' : 'true'], ...$children));
        $sum = Element::of('setOutcomeValue', ['identifier' => 'SCORE'], Element::of('sum', [], Element::of('testVariables', ['variableIdentifier' => 'SCORE'])));

        return Element::of('assessmentTest', ['xmlns' => $this->version->namespace(), 'identifier' => 'test', 'title' => $title],
            Element::of('outcomeDeclaration', ['identifier' => 'SCORE', 'cardinality' => 'single', 'baseType' => 'float']),
            Element::of('testPart', ['identifier' => 'part', 'navigationMode' => 'nonlinear', 'submissionMode' => 'individual'], ...$sections),
            Element::of('outcomeProcessing', [], $sum),
        );
    }

    /**
     * @param non-empty-list<PackagedItem> $items
     *
     * @return array<string, string>
     */
    private function legacyFiles(array $items): array
    {
        $pictures = array_merge(...array_map(static fn (PackagedItem $item) => $item->pictures, $items));
        $sections = ItemSections::of(array_map(static fn (PackagedItem $item) => [$item->category, $item->inSection], $items), static fn (string $identifier, ?string $name, array $children) => Element::of('section', ['ident' => $identifier, 'title' => $name], ...$children));
        $assessment = Element::of('assessment', ['ident' => 'test', 'title' => '' === $this->title ? $this->label() : $this->title], ...$sections);
        $manifest = new Manifest($this->version);
        $manifest->add('questions', $this->version->itemType(), [self::LEGACY_FILE, ...array_keys($pictures)]);

        return [Manifest::NAME => $manifest->xml(), self::LEGACY_FILE => XmlFile::of(Element::of('questestinterop', ['xmlns' => $this->version->namespace()], $assessment), $this->version)] + $pictures;
    }
}
