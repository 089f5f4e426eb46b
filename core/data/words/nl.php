<?php

declare(strict_types=1);

// Words that the rules of craft look for, in lower case. The last three patterns match a whole option; {L} stands for a letter.
return [
    'function' => ['de', 'het', 'een', 'van', 'in', 'op', 'aan', 'bij', 'met', 'voor', 'uit', 'over', 'door', 'naar', 'om', 'tot', 'te', 'en', 'of', 'maar', 'niet', 'is', 'zijn', 'was', 'waren', 'wordt', 'worden', 'werd', 'werden', 'heeft', 'hebben', 'had', 'er', 'dat', 'die', 'dit', 'deze', 'wie', 'wat', 'welke', 'welk', 'wanneer', 'waar', 'waarom', 'hoe', 'hij', 'zij', 'ze', 'wij', 'we', 'je', 'men', 'zich', 'kan', 'kunnen', 'moet', 'moeten', 'zal', 'als', 'dan', 'ook', 'nog', 'meer', 'elk', 'elke', 'alleen', 'hun', 'haar'],
    'negative' => ['niet', 'geen', 'behalve', 'nooit'],
    'dated' => ['huidig', 'huidige', 'momenteel', 'nu', 'vandaag', 'tegenwoordig', 'recent', 'recente', 'onlangs', 'nieuwste', 'laatste tijd', 'dit jaar', 'vorig jaar', 'tot nu toe', 'op dit moment'],
    'absolute' => ['altijd', 'nooit', 'alle', 'alles', 'alleen', 'uitsluitend', 'elk', 'elke', 'volledig', 'helemaal', 'onmogelijk'],
    'articles' => ['een'],
    'true' => ['waar', 'juist', 'ja', 'w', 'goed'],
    'false' => ['onwaar', 'onjuist', 'niet waar', 'nee', 'fout'],
    'numbers' => ['nul', 'een', 'twee', 'drie', 'vier', 'vijf', 'zes', 'zeven', 'acht', 'negen', 'tien', 'elf', 'twaalf', 'dertien', 'veertien', 'vijftien', 'zestien', 'zeventien', 'achttien', 'negentien', 'twintig'],
    'allOfTheAbove' => 'alle (?:bovenstaande|genoemde|van de bovenstaande)(?: antwoorden)?|alle antwoorden(?: zijn (?:juist|goed|correct))?|al het bovenstaande',
    'noneOfTheAbove' => 'geen (?:van )?(?:de |het )?(?:bovenstaande|genoemde|deze|antwoorden)(?: antwoorden)?(?: is (?:juist|goed))?',
    'otherOptions' => '(?:zowel )?{L} (?:en|of|als) {L}(?: zijn (?:juist|goed))?|noch {L} noch {L}|(?:antwoorden|opties) {L} (?:en|of) {L}|alleen {L} en {L}',
    // Of printed tests: pieces of patterns that are read in any case.
    'paper' => [
        'question' => 'vraag|opgave',
        'answer' => 'antwoord(?:en)?',
        'points' => 'punten|punt',
        'each' => 'elke|elk|per vraag',
        'true' => 'waar|juist',
        'false' => 'niet waar|onwaar|onjuist',
        'correct' => 'juiste?|goede?|correcte?',
        'key' => 'antwoorden|antwoordsleutel|sleutel|oplossingen|antwoordmodel',
        'part' => 'deel|onderdeel|les|hoofdstuk|ronde',
        'for' => 'voor|vragen',
        'task' => 'leg uit|beschrijf|noem|vergelijk',
        'name' => 'naam|klas|cijfer|datum',
        'page' => 'pagina|blz\\.?|bladzijde',
        'of' => 'van',
        'instruction' => 'zet|onderstreep|omcirkel|kies|schrijf|beantwoord|lees|kruis|instructies?|vul|noteer',
        'material' => 'tekst|tabel|figuur|grafiek|kaart|afbeelding',
        'explanation' => 'uitleg|toelichting|verklaring|motivatie|omdat|want',
        'bookkeeping' => 'moeilijkheid(?:sgraad)?|onderwerp|leerdoel|bron|hoofdstuk|niveau|referentie',
        'value' => 'punten|punt|waarde',
        'cue' => 'z\\.\\s?o\\.\\s?z\\.|zie (?:ommezijde|volgende (?:bladzijde|pagina))|(?:blad|pagina) omslaan|(?:vervolg|ga verder)(?: op (?:de )?(?:volgende )?(?:pagina|bladzijde)(?: \\d+)?)?|ommezijde|volgende (?:bladzijde|pagina)',
        'button' => 'volgende|vorige|inleveren|verzenden|controleren',
        'option' => 'letter|optie|antwoord',
        'type' => 'type|soort vraag|vraagtype',
        'ending' => 'einde(?: (?:van (?:de|het) (?:toets|examen|proefwerk)))?',
        'farewell' => 'ik hoop dat|laat (?:het )?(?:me|mij) (?:maar )?weten|wil je dat|wilt u dat|als je (?:wilt|meer wilt)|veel succes',
        'remark' => 'let op|opmerking|nb',
        'statement' => 'stellingen?|beweringen?|zinnen|vraag',
    ],
    // Of their headings: what kind of question they announce.
    'paperKinds' => [
        'true-false' => 'waar of (?:niet waar|onwaar)|juist of (?:fout|onjuist)',
        'typed' => 'vul .{0,20}in|invul\\w*|kort antwoord',
        'essay' => 'open vragen|opstel',
        'matching' => 'combineer|verbind|koppel',
        'choice' => 'meerkeuze\\w*|omcirkel|kies',
    ],
];
