<?php

declare(strict_types=1);

namespace Notagram\Tests\Intake;

use League\CommonMark\Environment\Environment;
use League\CommonMark\Extension\CommonMark\CommonMarkCoreExtension;
use League\CommonMark\Extension\Table\TableExtension;
use League\CommonMark\MarkdownConverter;
use Notagram\Intake\HtmlPage;
use Notagram\Intake\Tidy\Tidy;
use Notagram\Notation\Notations;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;

/**
 * Tests as writing assistants set them out, in Markdown, with a greeting, headings, bold, lists, answers below each question or
 * in a key, and explanations (common practice, no source): tidied, they ask what they asked, and nobody greets.
 */
final class RandomRepliesTest extends TestCase
{
    private const STEMS = ['Which of these do bees collect in %d?', 'What does a keeper do with hive %d in spring?', 'How do the bees of colony %d stay warm?', 'Where in hive %d is the brood?', 'Why was box %d moved?'];
    private const STATEMENTS = ['The queen of hive %d lays eggs.', 'Drones of colony %d have a sting.', 'Hive %d has two entrances.'];
    private const OPTIONS = ['pollen', 'nectar', 'by flying more', 'some water', 'wax', 'two empty frames', 'in the middle', 'none of these', 'because of the damp', 'at the entrance', 'honey from last year', 'royal jelly'];
    private const REASONS = ['Bees need it all year.', 'The keeper checks it each week.', 'It is written in the first paragraph.'];
    private const GREETINGS = ["Sure! Here are some questions about bees:\n\n", "# Bee Quiz\n\n", "Here's a short quiz based on the passage you provided:\n\n---\n\n", "Certainly! Below is a quiz.\n\n## Quiz: Life in the Hive\n\n", ''];
    private const PARTINGS = ["\n\nLet me know if you'd like more questions or a different level!", "\n\n---\n\nWould you like me to adjust the difficulty?", "\n\nHope this helps! 🐝", ''];

    /** The words of a reply in another language, by those of English. */
    private const WORDS = [
        'en' => [],
        'de' => ['Question' => 'Frage', 'Correct Answer' => 'Richtige Antwort', 'Correct answer' => 'Richtige Antwort', 'Answer Key' => 'Lösungen', 'Answers' => 'Antworten', 'Answer' => 'Antwort', 'Explanation' => 'Erklärung', 'Rationale' => 'Begründung', 'True or False?' => 'Richtig oder falsch?', 'True' => 'Richtig', 'False' => 'Falsch', 'Hope this helps! 🐝' => 'Viel Erfolg!', "Let me know if you'd like more questions or a different level!" => 'Soll ich noch weitere Fragen erstellen?', 'Would you like me to adjust the difficulty?' => 'Möchten Sie, dass ich das Niveau anpasse?'],
        'fr' => ['Question' => 'Question', 'Correct Answer' => 'Bonne réponse', 'Correct answer' => 'Réponse correcte', 'Answer Key' => 'Corrigé', 'Answers' => 'Réponses', 'Answer' => 'Réponse', 'Explanation' => 'Explication', 'Rationale' => 'Explication', 'True or False?' => 'Vrai ou faux ?', 'True' => 'Vrai', 'False' => 'Faux', 'Hope this helps! 🐝' => 'Bonne chance !', "Let me know if you'd like more questions or a different level!" => 'N’hésitez pas à demander d’autres questions !', 'Would you like me to adjust the difficulty?' => 'Souhaitez-vous que j’ajuste le niveau ?'],
        'es' => ['Question' => 'Pregunta', 'Correct Answer' => 'Respuesta correcta', 'Correct answer' => 'Respuesta correcta', 'Answer Key' => 'Clave de respuestas', 'Answers' => 'Respuestas', 'Answer' => 'Respuesta', 'Explanation' => 'Explicación', 'Rationale' => 'Explicación', 'True or False?' => '¿Verdadero o falso?', 'True' => 'Verdadero', 'False' => 'Falso', 'Hope this helps! 🐝' => '¡Buena suerte!', "Let me know if you'd like more questions or a different level!" => 'Si quieres, puedo escribir más preguntas.', 'Would you like me to adjust the difficulty?' => '¿Quieres que cambie el nivel?'],
        'it' => ['Question' => 'Domanda', 'Correct Answer' => 'Risposta corretta', 'Correct answer' => 'Risposta esatta', 'Answer Key' => 'Soluzioni', 'Answers' => 'Risposte', 'Answer' => 'Risposta', 'Explanation' => 'Spiegazione', 'Rationale' => 'Motivazione', 'True or False?' => 'Vero o falso?', 'True' => 'Vero', 'False' => 'Falso', 'Hope this helps! 🐝' => 'In bocca al lupo!', "Let me know if you'd like more questions or a different level!" => 'Fammi sapere se ne vuoi altre!', 'Would you like me to adjust the difficulty?' => 'Vuoi che cambi il livello?'],
        'nl' => ['Question' => 'Vraag', 'Correct Answer' => 'Juiste antwoord', 'Correct answer' => 'Goede antwoord', 'Answer Key' => 'Antwoordsleutel', 'Answers' => 'Antwoorden', 'Answer' => 'Antwoord', 'Explanation' => 'Uitleg', 'Rationale' => 'Toelichting', 'True or False?' => 'Waar of onwaar?', 'True' => 'Waar', 'False' => 'Onwaar', 'Hope this helps! 🐝' => 'Veel succes!', "Let me know if you'd like more questions or a different level!" => 'Laat het me weten als je er meer wilt!', 'Would you like me to adjust the difficulty?' => 'Wil je dat ik het niveau aanpas?'],
        'pt' => ['Question' => 'Pergunta', 'Correct Answer' => 'Resposta correta', 'Correct answer' => 'Resposta certa', 'Answer Key' => 'Gabarito', 'Answers' => 'Respostas', 'Answer' => 'Resposta', 'Explanation' => 'Explicação', 'Rationale' => 'Justificativa', 'True or False?' => 'Verdadeiro ou falso?', 'True' => 'Verdadeiro', 'False' => 'Falso', 'Hope this helps! 🐝' => 'Boa sorte!', "Let me know if you'd like more questions or a different level!" => 'Se quiser, posso escrever mais perguntas.', 'Would you like me to adjust the difficulty?' => 'Gostaria que eu mudasse o nível?'],
    ];

    private Randomizer $random;
    /** @var array<string, string> how this reply is set out */
    private array $style;

    public function testWhateverItLooksLikeTheQuestionsAreThere(): void
    {
        for ($seed = 0; $seed < 200; ++$seed) {
            [$reply, $meant] = $this->reply($seed);
            $tidied = Tidy::of($reply)->text;
            self::assertSame($meant, Gist::of($tidied), "{$seed}\n{$reply}\n---\n{$tidied}");
            self::assertDoesNotMatchRegularExpression('/Sure!|Here\'s|Certainly|Let me|Would you|Hope this|Viel Erfolg|Soll ich|chance|Souhaitez|suerte|Si quieres|bocca|Fammi|Vuoi|succes|Laat|Wil je|sorte|Se quiser|Gostaria/', $tidied);
            foreach (self::REASONS as $reason) {
                self::assertSame(substr_count($reply, $reason), substr_count($tidied, $reason), $reply);
            }
            // What has neither Markdown nor an explanation may as well be Aiken.
            self::assertTrue(Notations::detect($reply)->isPrinted() || 0 === preg_match('/\*\*|#/', $reply), $reply);
        }
    }

    /** The same as the clipboard has it, where the reply is copied off the page that shows it: rendered by the CommonMark parser, with its tables. */
    public function testCopiedAsItIsShownTheQuestionsAreTheSame(): void
    {
        $environment = new Environment(['renderer' => ['soft_break' => "<br>\n"]]);
        $environment->addExtension(new CommonMarkCoreExtension())->addExtension(new TableExtension());
        $markdown = new MarkdownConverter($environment);
        for ($seed = 0; $seed < 200; ++$seed) {
            [$reply, $meant] = $this->reply($seed);
            $shown = HtmlPage::read("<html><body>{$markdown->convert($reply)}</body></html>")->text;
            self::assertSame($meant, Gist::of(Tidy::of($shown)->text), "{$seed}\n{$shown}");
        }
    }

    /** @return array{string, list<string>} the reply, and what its questions say */
    public function reply(int $seed): array
    {
        $this->random = new Randomizer(new Mt19937($seed));
        $this->style = [
            'head' => $this->oneOf(["**%n. %s**\n", "### Question %n\n%s\n", "### Question %n\n\n**%s**\n", "%n. **%s**\n", "**Question %n:** %s\n", "**Question %n**  \n%s\n", "%n. %s\n", "#### %n. %s\n", "**Q%n.** %s\n", "**%n.** %s\n", "### %n. %s\n\n", "**Question %n: %s**\n\n"]),
            'option' => $this->oneOf(["%L) %s\n", "- %L) %s\n", "%L. %s\n", "   - %L. %s\n", "%l) %s\n", "* %L) %s\n", "**%L)** %s\n", "- **%L.** %s\n", "   %L) %s\n", "- %l) %s\n", "(%L) %s\n", "- (%L) %s\n", "   %L. %s  \n"]),
            'truth' => $this->oneOf(["True / False\n", "- True\n- False\n", "True or False?\n", "A) True\nB) False\n", "- A. True\n- B. False\n", "☐ True ☐ False\n"]),
            'answer' => $this->oneOf(["**Answer: %a**\n", "**Answer:** %a\n", "**Correct Answer:** %a\n", "*Answer: %a*\n", "✅ **Answer: %a**\n", "> **Answer:** %a\n", "**Correct answer: %a**\n", "Answer: %a\n", "✅ Correct answer: **%a**\n", "\n**Answer:** %a\n", "**Answer: %a** – %r\n", "**Answer:** %a. %r\n", "**Answer:** %a  \n%r\n", "**Correct Answer: %a**\n*%r*\n", "**Answer:** %a (%r)\n", "**Answer:** **%a**\n"]),
            'mark' => $this->oneOf(['', '', '', '%s ✅', '%s ✔', '%s (correct)', '**%s** ✅', '%s ← correct', '%s **(Correct)**', '✅ %s', '%s *(correct answer)*']),
            'kind' => $this->oneOf(['', '', '', ' *(%k)*', ' (%k)', "\n*Type: %k*\n"]),
            'said' => $this->oneOf(['letter', 'letter', 'letter and text']),
            'reason' => $this->oneOf(['', '', "**Explanation:** %s\n", "*Explanation: %s*\n", "Explanation: %s\n", "**Rationale:** %s\n"]),
            'part' => $this->oneOf(['', '', '', "## Part %p\n\n", "## Section %P: More about bees\n\n", "**Part %P**\n\n"]),
            'rule' => $this->oneOf(['', '', "---\n\n"]),
            'key' => $this->oneOf(['', '', "**Answer Key**\n", "### Answers\n", "## Answer Key\n\n", "---\n\n### ✅ Answer Key\n", "**Answers:**\n\n"]),
            'entry' => $this->oneOf(["%n. %a\n", "%n. **%a**\n", "**%n.** %a\n", "%n: %a\n", "- %n: %a\n", "%n. %a – %r\n", "| %n | %a |\n", "| %n | %a | %r |\n", "- **%n.** %a\n", "%n. %a\n   *%r*\n", "**%n. %a**\n", "**Question %n:** %a\n"]),
        ];
        $text = $this->oneOf(self::GREETINGS);
        $key = '' === $this->style['key'] ? '' : $this->style['key'].match (substr_count($this->style['entry'], '|')) {
            3 => "| Question | Answer |\n|---|---|\n",
            4 => "| # | Answer | Explanation |\n| --- | --- | --- |\n",
            default => '',
        };
        $meant = [];
        for ($count = $this->random->getInt(3, 7), $number = 1; $number <= $count; ++$number) {
            [$question, $answer, $gist] = match ($this->random->getInt(0, 6)) {
                0 => $this->statement(),
                1 => $this->gap(),
                default => $this->choice(),
            };
            $stem = $question[0];
            $text .= '' !== $this->style['part'] && 1 === $number % 3 ? strtr($this->style['part'], ['%p' => (string) (intdiv($number, 3) + 1), '%P' => \chr(65 + intdiv($number, 3))]) : '';
            $text .= strtr($this->style['head'], ['%n' => (string) $number, '%s' => $stem]).$question[1];
            if ('' === $answer) {
                $text .= '' === $this->style['reason'] ? '' : strtr($this->style['reason'], ['%s' => $this->oneOf(self::REASONS)]);
            } elseif ('' === $key) {
                $text .= strtr($this->style['answer'], ['%a' => $answer, '%r' => $this->oneOf(self::REASONS)]).('' === $this->style['reason'] ? '' : strtr($this->style['reason'], ['%s' => $this->oneOf(self::REASONS)]));
            } else {
                $key .= strtr($this->style['entry'], ['%n' => (string) $number, '%a' => $answer, '%r' => $this->oneOf(self::REASONS)]);
            }
            $text .= "\n".($number < $count ? $this->style['rule'] : '');
            $meant[] = $gist;
        }

        return [strtr($text.$key.$this->oneOf(self::PARTINGS), self::WORDS[$this->oneOf(['en', 'en', 'de', 'fr', 'es', 'it', 'nl', 'pt'])]), $meant];
    }

    /** @return array{array{string, string}, string, string} its stem and what stands below, the answer, the gist */
    private function choice(): array
    {
        $options = \array_slice($this->random->shuffleArray(self::OPTIONS), 0, $this->random->getInt(3, 4));
        $right = $this->random->getInt(0, \count($options) - 1);
        $stem = \sprintf($this->oneOf(self::STEMS), $this->random->getInt(2, 99));
        $below = '';
        foreach ($options as $place => $option) {
            $isMarked = $place === $right && '' === $this->style['key'] && '' !== $this->style['mark'];
            $below .= strtr($this->style['option'], ['%L' => \chr(65 + $place), '%l' => \chr(97 + $place), '%s' => $isMarked ? strtr($this->style['mark'], ['%s' => $option]) : $option]);
        }
        $isMarked = '' === $this->style['key'] && '' !== $this->style['mark'];
        $letter = str_contains($this->style['option'], '%l') ? \chr(97 + $right) : \chr(65 + $right);

        return [
            $this->ofKind('Multiple Choice', $stem, $below),
            $isMarked ? '' : ('letter' === $this->style['said'] ? $letter : "{$letter}) {$options[$right]}"),
            $stem.' '.implode(' ', array_map(static fn (string $option, int $place) => ($place === $right ? '+' : '-').' '.$option, $options, array_keys($options))),
        ];
    }

    /** @return array{array{string, string}, string, string} */
    private function statement(): array
    {
        $isTrue = 1 === $this->random->getInt(0, 1);
        $stem = \sprintf($this->oneOf(self::STATEMENTS), $this->random->getInt(2, 99));
        $isLettered = str_contains($this->style['truth'], 'A');
        $letter = $isTrue ? 'A' : 'B';
        $word = $isTrue ? 'True' : 'False';

        return [$this->ofKind('True/False', $stem, $this->style['truth']), $isLettered ? ('letter' === $this->style['said'] ? $letter : "{$letter}) {$word}") : $word, "{$stem} | {$word}"];
    }

    /** @return array{array{string, string}, string, string} */
    private function gap(): array
    {
        $stem = \sprintf('In hive %d, bees turn nectar into %s.', $this->random->getInt(2, 99), str_repeat('_', $this->random->getInt(4, 12)));

        return [$this->ofKind('Fill in the Blank', $stem, ''), 'honey', preg_replace('/_+/', '_____', $stem).' = honey'];
    }

    /** @return array{string, string} the stem and what stands below it, one of them with the kind of the question */
    private function ofKind(string $kind, string $stem, string $below): array
    {
        $note = strtr($this->style['kind'], ['%k' => $kind]);

        return str_starts_with($note, "\n") ? [$stem, ltrim($note).$below] : [$stem.$note, $below];
    }

    /** @param non-empty-list<string> $of */
    private function oneOf(array $of): string
    {
        return $of[$this->random->getInt(0, \count($of) - 1)];
    }
}
