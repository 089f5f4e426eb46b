<?php

declare(strict_types=1);

namespace Notagram\Bench;

/** Texts of any number of ordinary questions, the same at every run. */
final class Corpus
{
    public static function gift(int $questions): string
    {
        $text = '';
        for ($number = 0; $number < $questions; ++$number) {
            $text .= match ($number % 5) {
                0 => "::Swarms – {$number}:: Which of these make colony {$number} more likely to swarm in spring? {\n  ~%50%a crowded brood nest\n  ~%50%an old queen\n  ~%-50%an empty super above#No: that gives room.\n  ~%-50%a cold, wet April\n}\n\n",
                1 => "A prime swarm of hive {$number} leaves with the old queen. {T#The virgins come later.}\n\n",
                2 => "::Comb – {$number}:: What is the first thing to look for on the comb of hive {$number}? {\n  ~capped honey\n  =eggs standing upright\n  ~pollen in a ring\n}\n\n",
                3 => "In hive {$number}, a queen cell is sealed on day {=8 =eight} after the egg was laid.\n\n",
                default => "How warm is the brood nest of hive {$number}, in °C? {#35:1}\n\n",
            };
        }

        return $text;
    }

    public static function gram(int $questions): string
    {
        $text = '';
        for ($number = 0; $number < $questions; ++$number) {
            $text .= match ($number % 5) {
                0 => ":: Swarms – {$number}\nWhich of these make colony {$number} more likely to swarm in spring?\n= a crowded brood nest\n= an old queen\n~ an empty super above\n  # No: that gives room.\n~ a cold, wet April\n\n",
                1 => "A prime swarm of hive {$number} leaves with the old queen.\n= true\n  # The virgins come later.\n\n",
                2 => ":: Comb – {$number}\nWhat is the first thing to look for on the comb of hive {$number}?\n~ capped honey\n= eggs standing upright\n~ pollen in a ring\n\n",
                3 => "In hive {$number}, a queen cell is sealed on day {=8 =eight} after the egg was laid.\n\n",
                default => "How warm is the brood nest of hive {$number}, in °C?\n=# 35:1\n\n",
            };
        }

        return $text;
    }

    public static function aiken(int $questions): string
    {
        $text = '';
        for ($number = 0; $number < $questions; ++$number) {
            $text .= "Which of these make colony number {$number} more likely to swarm in spring?\nA. a crowded brood nest\nB. an empty super above\nC. a cold, wet April\nD. a young queen\nANSWER: A\n\n";
        }

        return $text;
    }

    /** A printed test with its key at the end, ugly in ordinary ways. */
    public static function paper(int $questions): string
    {
        $text = "Spring test\nName: ____________\n\nCircle the best answer.\n\n";
        $key = "Key\n";
        for ($number = 1; $number <= $questions; ++$number) {
            $text .= "____ {$number}.\tWhich bee of hive {$number} does the work of this\nkind in spring?\n\ta) worker {$number}\tc) queen\n\tb) drone\td) none\n\n";
            $text .= 0 === $number % 40 ? 'Page '.($number / 40)."\n" : '';
            $key .= "{$number}. ".'abcd'[$number % 4]."\n";
        }

        return $text.$key;
    }

    /** Rows of a spreadsheet with headings, one question in each. */
    public static function table(int $questions): string
    {
        $text = "Topic\tQuestion\tA\tB\tC\tD\tRight answer\tPoints\n";
        for ($number = 1; $number <= $questions; ++$number) {
            $text .= 'Hive '.intdiv($number, 20)."\tWhich bee of hive {$number} does this work?\tworker {$number}\tdrone\tqueen\tnone\t".'ABCD'[$number % 4]."\t2\n";
        }

        return $text;
    }

    /** A document of a word processor in which each question has a list of its own for its options. */
    public static function wordDocument(int $questions): string
    {
        $paragraph = static fn (int $list, string $text): string => "<w:p><w:pPr><w:numPr><w:ilvl w:val=\"0\"/><w:numId w:val=\"{$list}\"/></w:numPr></w:pPr><w:r><w:t>{$text}</w:t></w:r></w:p>";
        $level = static fn (int $id, string $format): string => "<w:abstractNum w:abstractNumId=\"{$id}\"><w:lvl w:ilvl=\"0\"><w:start w:val=\"1\"/><w:numFmt w:val=\"{$format}\"/><w:lvlText w:val=\"%1.\"/></w:lvl></w:abstractNum>";
        $body = '';
        $abstract = $level(0, 'decimal');
        $lists = '<w:num w:numId="1"><w:abstractNumId w:val="0"/></w:num>';
        for ($number = 1; $number <= $questions; ++$number) {
            $list = $number + 1;
            $abstract .= $level($number, 'lowerLetter');
            $lists .= "<w:num w:numId=\"{$list}\"><w:abstractNumId w:val=\"{$number}\"/></w:num>";
            $body .= $paragraph(1, "Which bee of hive {$number} does the work of this kind in spring?").$paragraph($list, 'worker').$paragraph($list, 'drone').$paragraph($list, 'queen').$paragraph($list, 'none');
        }
        $namespace = 'xmlns:w="http://schemas.openxmlformats.org/wordprocessingml/2006/main"';
        $file = (string) tempnam(sys_get_temp_dir(), 'bench');
        $zip = new \ZipArchive();
        $zip->open($file, \ZipArchive::OVERWRITE);
        $zip->addFromString('word/document.xml', "<w:document {$namespace}><w:body>{$body}</w:body></w:document>");
        $zip->addFromString('word/numbering.xml', "<w:numbering {$namespace}>{$abstract}{$lists}</w:numbering>");
        $zip->close();
        $bytes = (string) file_get_contents($file);
        unlink($file);

        return $bytes;
    }
}
