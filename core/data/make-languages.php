<?php

// Makes languages.txt from the fingerprints of libexttextcat (Debian libexttextcat-data, BSD-3-Clause, © 2003 WiseGuys
// Internet B.V.): how often each letter and pair of letters comes up. Run: php core/data/make-languages.php

declare(strict_types=1);

$languages = ['af', 'ar', 'be', 'bg', 'ca', 'cs', 'cy', 'da', 'de', 'el', 'en', 'es', 'et', 'eu', 'fa', 'fi', 'fr', 'ga', 'gl', 'he', 'hr', 'hu', 'is', 'it', 'ja', 'ko', 'lt', 'lv', 'mk', 'nb', 'nl', 'pl', 'pt', 'ro', 'ru', 'sk', 'sl', 'sq', 'sr-Cyrl', 'sv', 'tr', 'uk', 'vi', 'zh-Hans', 'zh-Hant'];
// Letters of their alphabets that are too rare for the fingerprints (common knowledge, no source).
$rare = ['ca' => 'ïüçàèòúí', 'da' => 'éü', 'de' => 'ß', 'en' => 'éèêïñç', 'es' => 'üñ', 'et' => 'šž', 'fi' => 'åšžé', 'fr' => 'œæÿëïüùûôîâ', 'ga' => 'é', 'hr' => 'đ', 'is' => 'é', 'it' => 'éîùìò', 'nb' => 'éòô', 'nl' => 'ëïéèöüêç', 'pt' => 'üàôõúêâ', 'ro' => 'ășțâî', 'sq' => 'ç', 'sv' => 'éüà', 'tr' => 'âîû'];
$file = "# Letters and pairs of letters of each language with their logarithms in hundredths, made by make-languages.php from the fingerprints of\n# libexttextcat (BSD-3-Clause, © 2003 WiseGuys Internet B.V.). A pair stands with the chance of its second letter after its first; _ is a word's edge.\n";
foreach ($languages as $language) {
    $letters = $pairs = [];
    foreach (file("/usr/share/libexttextcat/{$language}.lm", \FILE_IGNORE_NEW_LINES) ?: [] as $rank => $line) {
        // Some are listed by rank only; then the counts fall off with it, as they do in any language (Zipf).
        if (1 !== preg_match('/^(\S+)(?:\s+(\d+))?/u', $line, $match)) {
            continue;
        }
        [$gram, $count] = [mb_strtolower($match[1]), $match[2] ?? intdiv(20_000, 1 + $rank)];
        if (1 !== preg_match('/^[\p{L}\p{M}_]{1,2}\z/u', $gram)) {
            continue;
        }
        if (1 === mb_strlen($gram)) {
            $letters[$gram] = ($letters[$gram] ?? 0) + (int) $count;
        } else {
            $pairs[$gram] = ($pairs[$gram] ?? 0) + (int) $count;
        }
    }
    $all = array_sum($letters) - ($letters['_'] ?? 0);
    $written = [];
    foreach ($letters as $letter => $count) {
        if ('_' !== $letter) {
            $written[] = $letter.(int) round(-100 * log($count / $all));
        }
    }
    foreach (mb_str_split($rare[$language] ?? '') as $letter) {
        if (!isset($letters[$letter])) {
            $written[] = "{$letter}850";
        }
    }
    foreach ($pairs as $pair => $count) {
        $first = $letters[mb_substr($pair, 0, 1)] ?? null;
        if (null !== $first) {
            $written[] = $pair.(int) round(-100 * log(min(1, $count / $first)));
        }
    }
    $file .= $language.' '.implode(' ', $written)."\n";
}
file_put_contents(__DIR__.'/languages.txt', $file);
