<?php

declare(strict_types=1);

namespace Notagram\Tests\Intake;

use Notagram\Intake\HtmlPage;
use Notagram\Intake\Tidy\Tidy;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;

/** Quizzes copied off web pages, as forms with boxes to tick, in the ways in which pages set them (common practice, no source): tidied, they ask the same. */
final class RandomPagesTest extends TestCase
{
    private const STEMS = ['Which of these do bees collect in %d?', 'What does a keeper do with hive %d in spring?', 'How do the bees of colony %d stay warm?', 'Where in hive %d is the brood?', 'Why was box %d moved?'];
    private const OPTIONS = ['pollen', 'nectar', 'by flying more', 'some water', 'wax', 'two empty frames', 'in the middle', 'none of these', 'because of the damp', 'at the entrance', 'honey from last year', 'royal jelly'];
    /** Around a question: %x is all of it. */
    private const FRAMES = ['<div class="q">%x</div>', '<fieldset>%x</fieldset>', '<li>%x</li>', '<section>%x</section>', '<div><div>%x</div></div>'];
    /** The stem: %n is its number, %s its words. */
    private const HEADS = ['<legend>%n%s</legend>', '<h3>%n%s</h3>', '<p><strong>%n%s</strong></p>', '<p>%n%s</p>', '<div class="t">%n%s</div>', '<h4>%n</h4><p>%s</p>'];
    private const NUMBERS = ['%d. ', '%d) ', 'Question %d: ', '<span>%d</span>. ', 'Q%d. '];
    /** Above a stem, in a line of its own. */
    private const NUMBERS_ALONE = ['Question %d', '%d.'];
    /** An option: %c says that it is ticked, %L and %l are its letter. */
    private const CHOICES = [
        '<label><input type="radio"%c> %o</label><br>', '<div><input type="radio"%c><label>%o</label></div>', '<ul><li><label><input type="radio"%c> %o</label></li></ul>', '<p><input type="radio" name="x"%c> %o</p>',
        '<div><label><input type="checkbox"%c><span>%o</span></label></div>', '<p><input type="radio"%c> %L. %o</p>', '<div><span>%L.</span> <span>%o</span></div>', '<div><label><input type="radio"%c> %l) %o</label></div>',
    ];
    private const BUTTONS = ['', '', '<button>Check answer</button>', '<p><a href="#">Next</a></p>'];

    private Randomizer $random;

    public function testHoweverAPageSetsThemTheQuestionsAreTheSame(): void
    {
        for ($seed = 0; $seed < 300; ++$seed) {
            $this->random = new Randomizer(new Mt19937($seed));
            [$html, $meant] = $this->page();
            $page = HtmlPage::read($html);
            self::assertSame($meant, Gist::of(Tidy::of($page->text)->text), "{$seed}\n{$page->text}");
            // What a page offers to press is no question, and is said to be left out.
            self::assertDoesNotMatchRegularExpression('/Check answer|Next|Submit/', $page->text);
            self::assertSame(1 === preg_match('/Check answer|Next|Submit/', $html), \in_array('buttons', array_map(static fn ($note) => basename($note->id), $page->notes), true));
        }
    }

    /** @return array{string, list<string>} the page, and what its questions say */
    private function page(): array
    {
        [$frame, $head, $choice, $button] = [$this->oneOf(self::FRAMES), $this->oneOf(self::HEADS), $this->oneOf(self::CHOICES), $this->oneOf(self::BUTTONS)];
        $isCounted = '<li>%x</li>' === $frame;
        $number = match (true) {
            str_starts_with($head, '<h4>') => $this->oneOf(self::NUMBERS_ALONE),
            $isCounted => '',
            default => $this->oneOf(self::NUMBERS),
        };
        $isTicked = str_contains($choice, '%c') && 0 === $this->random->getInt(0, 2);
        $key = $isTicked ? 'none' : $this->oneOf(['none', 'line', 'list']);
        $hasPoints = 0 === $this->random->getInt(0, 2);
        $questions = $list = '';
        $meant = [];
        for ($count = $this->random->getInt(3, 6), $at = 1; $at <= $count; ++$at) {
            $stem = \sprintf($this->oneOf(self::STEMS), $this->random->getInt(2, 99));
            $options = \array_slice($this->random->shuffleArray(self::OPTIONS), 0, $this->random->getInt(3, 4));
            $right = $this->random->getInt(0, \count($options) - 1);
            $text = strtr($head, ['%n' => str_replace('%d', (string) $at, $number), '%s' => $stem.($hasPoints ? ' <span class="points">(2 points)</span>' : '')]);
            $gist = ($hasPoints ? '(2) ' : '').$stem;
            foreach ($options as $place => $option) {
                $text .= strtr($choice, ['%c' => $isTicked && $place === $right ? ' checked' : '', '%o' => $option, '%L' => \chr(65 + $place), '%l' => \chr(97 + $place)]);
                $gist .= ' '.('none' !== $key || $isTicked ? ($place === $right ? '+' : '-') : '-').' '.$option;
            }
            $text .= 'line' === $key ? '<p>Answer: '.\chr(65 + $right).'</p>' : '';
            $list .= 'list' === $key ? "<p>{$at}. ".\chr(65 + $right).'</p>' : '';
            $questions .= str_replace('%x', $text, $frame).$button;
            $meant[] = $gist;
        }

        return [
            '<html><body><nav><a href="#">Home</a> <a href="#">Courses</a></nav><h1>Bee quiz</h1>'
                .($isCounted ? "<ol>{$questions}</ol>" : $questions)
                .$this->oneOf(['', '<button type="submit">Submit</button>'])
                .('' === $list ? '' : "<h2>Answers</h2>{$list}").'</body></html>',
            $meant,
        ];
    }

    /**
     * @param non-empty-list<string> $of
     */
    private function oneOf(array $of): string
    {
        return $of[$this->random->getInt(0, \count($of) - 1)];
    }
}
