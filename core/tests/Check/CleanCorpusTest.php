<?php

declare(strict_types=1);

namespace Notagram\Tests\Check;

use Notagram\Check\CheckedSheet;
use Notagram\Check\Checker;
use Notagram\Check\PlacedFinding;
use Notagram\Finding\Level;
use Notagram\Notation\Notations;
use Notagram\Notation\ReadSheet;
use Notagram\Source\SourceText;
use Notagram\Tests\InEnglish;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/**
 * Sound questions made from texts of others: no fault, and hardly a doubt, may be found in them.
 *
 * The material is read from the packages that are installed for the tests: names of countries in many languages (Unicode's
 * CLDR, as ICU holds it), the elements (dict-elements, public domain), a dictionary (dict-jargon, public domain), and
 * questions that people asked (perlfaq, from perl-doc).
 */
final class CleanCorpusTest extends TestCase
{
    private const REGIONS = 'AD AE AF AG AL AM AO AR AT AU AZ BA BB BD BE BF BG BH BI BJ BN BO BR BS BT BW BY BZ CA CH CI CL CM CN CO CR CU CV CY CZ DE DJ DK DM DO DZ EC EE EG ER ES ET FI FJ FR GA GB GD GE GH GM GN GR GT GW GY HN HR HT HU ID IE IL IN IQ IR IS IT JM JO JP KE KG KH KI KM KR KW KZ LA LB LC LI LK LR LS LT LU LV LY MA MC MD ME MG MK ML MM MN MR MT MU MV MW MX MY MZ NA NE NG NI NL NO NP NR NZ OM PA PE PG PH PK PL PT PW PY QA RO RS RU RW SA SB SC SD SE SG SI SK SL SM SN SO SR ST SV SY TD TG TH TJ TM TN TO TR TT TV TZ UA UG US UY UZ VA VC VE VN VU WS YE ZA ZM ZW';

    /** How “Which country has the code XX?” is asked; languages of the word lists, and others. */
    private const ASKED = [
        'en' => 'Which country has the code %s?', 'de' => 'Welches Land hat das Kürzel %s?', 'fr' => 'Quel pays a le code %s ?', 'es' => '¿Qué país tiene el código %s?',
        'it' => 'Quale paese ha il codice %s?', 'nl' => 'Welk land heeft de code %s?', 'pt' => 'Que país tem o código %s?', 'ru' => 'У какой страны код %s?',
        'el' => 'Ποια χώρα έχει τον κωδικό %s;', 'ar' => 'أي بلد رمزه %s؟', 'ja' => 'コード%sの国はどこですか？', 'hi' => 'किस देश का कोड %s है?',
    ];

    /** @return iterable<string, array{string, string, int}> */
    public static function corpora(): iterable
    {
        foreach (self::ASKED as $language => $frame) {
            $text = self::countries($language, $frame, 0 === \ord($language[0]) % 2);
            yield "countries in {$language}" => [0 === \ord($language[0]) % 2 ? 'aiken' : 'gift', $text, 180];
        }
        yield 'elements' => ['gift', self::elements(), 100];
        yield 'dictionary' => ['gift', self::dictionary(), 600];
        yield 'questions people asked' => ['gift', self::faq(), 300];
    }

    #[DataProvider('corpora')]
    public function testSoundQuestionsHaveNoFault(string $notation, string $text, int $least): void
    {
        $checked = self::checked($notation, $text);

        self::assertGreaterThanOrEqual($least, $checked->summary()->sound);
        self::assertSame([], self::said($checked, Level::Fault));
        self::assertSame($checked->summary()->questions, $checked->summary()->sound);
    }

    public function testAThousandSoundQuestionsHaveOneDoubtAtMost(): void
    {
        $questions = 0;
        $doubts = [];
        foreach (self::corpora() as [$notation, $text]) {
            $checked = self::checked($notation, $text);
            $questions += $checked->summary()->questions;
            array_push($doubts, ...self::said($checked, Level::Doubt));
        }

        self::assertGreaterThan(2_000, $questions);
        self::assertLessThanOrEqual($questions / 1_000, \count($doubts), implode("\n", $doubts));
    }

    private static function checked(string $notation, string $text): CheckedSheet
    {
        return (new Checker())->check(ReadSheet::of(SourceText::fromUtf8($text), Notations::find($notation) ?? throw new \LogicException()));
    }

    /** @return list<string> */
    private static function said(CheckedSheet $checked, Level $level): array
    {
        $findings = array_filter($checked->findings(), static fn (PlacedFinding $placed) => $placed->finding->level === $level);

        return array_values(array_map(static fn (PlacedFinding $placed) => "{$placed->finding->code}: ".InEnglish::of($placed->finding->message()).' '.$placed->finding->span->of($checked->sheet->source->text), $findings));
    }

    private static function countries(string $language, string $frame, bool $asAiken): string
    {
        $regions = explode(' ', self::REGIONS);
        $names = array_map(static fn (string $region) => (string) \Locale::getDisplayRegion("-{$region}", $language), $regions);
        $random = new \Random\Randomizer(new \Random\Engine\Mt19937(crc32($language)));
        $questions = [];
        foreach ($regions as $index => $region) {
            $options = [$names[$index], $names[($index + 31) % \count($names)], $names[($index + 74) % \count($names)], $names[($index + 120) % \count($names)]];
            $options = $random->shuffleArray($options);
            $stem = \sprintf($frame, $region);
            if ($asAiken) {
                $lines = array_map(static fn (string $option, int $place) => \chr(65 + $place).'. '.$option, $options, array_keys($options));
                $questions[] = "{$stem}\n".implode("\n", $lines)."\nANSWER: ".\chr(65 + (int) array_search($names[$index], $options, true));
            } else {
                $marked = array_map(static fn (string $option) => ($option === $names[$index] ? '=' : '~').self::escaped($option), $options);
                $questions[] = self::escaped($stem)." {\n  ".implode("\n  ", $marked)."\n}";
            }
        }

        return implode("\n\n", $questions)."\n";
    }

    private static function elements(): string
    {
        $questions = [];
        preg_match_all('/\n\n([a-z]+)\nSymbol: (\w+)\nAtomic number: (\d+)\n(?:Atomic weight: ([^\n]*)\n)?(.*?)(?=\n\n)/s', self::packed('elements'), $entries, \PREG_SET_ORDER);
        foreach ($entries as [, $name, $symbol, $number, , $about]) {
            $about = self::escaped(trim((string) preg_replace('/\s+/', ' ', $about)));
            $questions[] = "::{$name}:: What is the symbol of {$name}? {={$symbol}####{$about}}\n\nWhich atomic number has {$name}? {#{$number}}";
        }

        return implode("\n\n", $questions)."\n";
    }

    private static function dictionary(): string
    {
        $questions = [];
        preg_match_all('/\n\n(\w[^\n]{2,30})\n [^\n]*\n\n    ([A-Z].{60,1500}?)\n\n/s', self::packed('jargon'), $entries, \PREG_SET_ORDER);
        foreach ($entries as [, $word, $meaning]) {
            $meaning = trim((string) preg_replace('/\s+/', ' ', $meaning));
            // What has no sentence of its own asks nothing.
            if (1 === preg_match('/^.{30,}?[.!?](?= |\z)/', $meaning, $sentence)) {
                $questions[] = '[plain]What is meant? '.self::escaped($sentence[0]).' {='.self::escaped($word).'}';
            }
        }

        return implode("\n\n", $questions)."\n";
    }

    private static function faq(): string
    {
        $questions = [];
        foreach (range(1, 9) as $part) {
            $pod = (string) file_get_contents(self::manual($part));
            preg_match_all('/^=head2 ([^\n]*(?:\n[^\n]+)*)/m', $pod, $headings);
            foreach ($headings[1] as $heading) {
                $questions[] = '[plain]'.self::escaped((string) preg_replace('/[A-Z]<+\s*([^<>]*?)\s*>+|\s*X<[^>]*>/', '$1', $heading)).' {}';
            }
        }

        return implode("\n\n", $questions)."\n";
    }

    private static function manual(int $part): string
    {
        $files = glob("/usr/share/perl/5.*/pod/perlfaq{$part}.pod");

        return false === $files || [] === $files ? throw new \LogicException('The package perl-doc is not installed; bin/setup --tests installs it.') : $files[0];
    }

    private static function packed(string $dictionary): string
    {
        $packed = file_get_contents("compress.zlib:///usr/share/dictd/{$dictionary}.dict.dz");
        \assert(\is_string($packed));

        return mb_check_encoding($packed, 'UTF-8') ? $packed : mb_convert_encoding($packed, 'UTF-8', 'ISO-8859-1');
    }

    private static function escaped(string $text): string
    {
        return (string) preg_replace('/[~=#{}:\\\\]/', '\\\\$0', $text);
    }
}
