<?php

declare(strict_types=1);

namespace Notagram\Tests\Draft;

use Notagram\Draft\Passage;
use Notagram\Draft\Sentence;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

/** Where sentences end: the rules of Unicode (UAX #29), and what they leave to the languages. */
final class SentencesTest extends TestCase
{
    /** @param list<string> $sentences */
    #[TestWith(['The hive is old. Is it? It is! Yes …', ['The hive is old.', 'Is it?', 'It is!', 'Yes …']])]
    #[TestWith(['Dr. Miller met L. L. Langstroth in May. They spoke of 3.5 kg of wax, i.e. of a lot.', ['Dr. Miller met L. L. Langstroth in May.', 'They spoke of 3.5 kg of wax, i.e. of a lot.']])]
    #[TestWith(['The nest is kept at 35 °C. The rest of the hive is colder.', ['The nest is kept at 35 °C.', 'The rest of the hive is colder.']])]
    #[TestWith(['Am 14. März 1909 sprach Prof. Dr. Zander z. B. über die Bienen. Das war in Erlangen.', ['Am 14. März 1909 sprach Prof. Dr. Zander z. B. über die Bienen.', 'Das war in Erlangen.']])]
    #[TestWith(['There were only 12. The others had left the hive.', ['There were only 12.', 'The others had left the hive.']])]
    #[TestWith(["The life of bees\n\nBees live in\nhives of wood.", ['The life of bees', 'Bees live in hives of wood.']])]
    #[TestWith(["The life of bees\nBees live in hives of wood.", ['The life of bees', 'Bees live in hives of wood.']])]
    #[TestWith(["- The queen lays.\r\n- The drone mates.\r\n", ['The queen lays.', 'The drone mates.']])]
    #[TestWith(["  \t\n", []])]
    public function testAPassageIsPartedIntoSentences(string $text, array $sentences): void
    {
        self::assertSame($sentences, array_map(static fn (Sentence $sentence) => $sentence->text, Passage::of($text)->sentences));
    }

    #[TestWith(['The queen is the mother of all the bees.', true])]
    #[TestWith(['She is the mother of all the bees.', false])]
    #[TestWith(['However, the queen is the mother of all.', false])]
    #[TestWith(['Who is the mother of all the bees?', false])]
    #[TestWith(['The queen lays.', false])]
    #[TestWith(['“The queen is the mother of all the bees.', false])]
    #[TestWith(['The queen (the mother of all is fed by workers.', false])]
    #[TestWith(['THE QUEEN IS THE MOTHER OF ALL BEES.', false])]
    #[TestWith(['The queen is the mother of all the ...', false])]
    public function testOnlyWhatSaysSomethingByItselfIsAskedFor(string $text, bool $isStatement): void
    {
        self::assertCount($isStatement ? 1 : 0, Passage::of($text)->statements());
    }
}
