<?php

declare(strict_types=1);

// Words that the rules of craft look for, in lower case. The last three patterns match a whole option; {L} stands for a letter.
return [
    'function' => ['der', 'die', 'das', 'den', 'dem', 'des', 'ein', 'eine', 'einen', 'einem', 'einer', 'eines', 'und', 'oder', 'aber', 'nicht', 'ist', 'sind', 'war', 'waren', 'wird', 'werden', 'wurde', 'wurden', 'hat', 'haben', 'hatte', 'von', 'zu', 'zum', 'zur', 'im', 'in', 'am', 'an', 'auf', 'aus', 'bei', 'mit', 'nach', 'seit', 'für', 'über', 'unter', 'vor', 'durch', 'gegen', 'um', 'als', 'wie', 'was', 'wer', 'wen', 'wem', 'wann', 'wo', 'warum', 'welche', 'welcher', 'welches', 'welchen', 'welchem', 'es', 'er', 'sie', 'wir', 'ihr', 'sich', 'man', 'kann', 'können', 'muss', 'müssen', 'soll', 'sollen', 'dass', 'wenn', 'dieser', 'diese', 'dieses', 'jeder', 'jede', 'jedes', 'auch', 'nur', 'noch', 'mehr'],
    'negative' => ['nicht', 'kein', 'keine', 'keinen', 'keiner', 'keines', 'keinem', 'nie', 'niemals', 'außer'],
    'dated' => ['aktuell', 'aktuelle', 'aktuellen', 'aktueller', 'aktuelles', 'derzeit', 'derzeitige', 'derzeitigen', 'heute', 'heutzutage', 'jetzt', 'gegenwärtig', 'momentan', 'zurzeit', 'neueste', 'neuesten', 'neuester', 'kürzlich', 'bisher', 'dieses jahr', 'in diesem jahr', 'letztes jahr', 'im letzten jahr'],
    'absolute' => ['immer', 'nie', 'niemals', 'alle', 'alles', 'nur', 'jeder', 'jede', 'jedes', 'stets', 'ausschließlich', 'vollständig', 'völlig', 'unmöglich'],
    'articles' => ['ein', 'eine', 'einen', 'einem', 'einer', 'eines'],
    'true' => ['wahr', 'richtig', 'ja', 'w', 'r', 'stimmt'],
    'false' => ['falsch', 'nein', 'f', 'unwahr', 'stimmt nicht'],
    'numbers' => ['null', 'eins', 'zwei', 'drei', 'vier', 'fünf', 'sechs', 'sieben', 'acht', 'neun', 'zehn', 'elf', 'zwölf', 'dreizehn', 'vierzehn', 'fünfzehn', 'sechzehn', 'siebzehn', 'achtzehn', 'neunzehn', 'zwanzig'],
    'allOfTheAbove' => 'alle (?:der )?(?:genannten|obigen|oben genannten|davon)(?: antworten)?|alle antworten(?: sind (?:richtig|korrekt))?|alle sind richtig|alles (?:davon|genannte)',
    'noneOfTheAbove' => 'keine?r?s? (?:der|von|davon)? ?(?:genannten|obigen|oben genannten|diesen|davon)?(?: antworten)?|keine antwort ist richtig|nichts (?:davon|von alledem)',
    'otherOptions' => '(?:sowohl )?{L} (?:und|oder|als auch) {L}(?: sind richtig)?|weder {L} noch {L}|(?:antworten|antwort) {L} (?:und|oder) {L}|nur {L} und {L}',
    // Of printed tests: pieces of patterns that are read in any case.
    'paper' => [
        'question' => 'aufgabe|frage',
        'answer' => 'antwort(?:en)?|lösung',
        'points' => 'punkte?|pkt\\.?|p\\.?',
        'each' => 'jede[rs]?|je|jeweils|pro (?:frage|aufgabe)',
        'true' => 'richtig|wahr|r|w',
        'false' => 'falsch|f',
        'correct' => 'richtige?|korrekte?|stimmt',
        'key' => 'lösungen|lösungsschlüssel|lösung|antwortschlüssel|antworten|schlüssel|auflösung|richtige antworten',
        'part' => 'teil|abschnitt|lektion|kapitel|runde',
        'for' => 'für|fragen|aufgaben',
        'task' => 'erkläre?|beschreibe?|nenne|vergleiche?|erläutere?|begründe?',
        'name' => 'datum|klasse|punkte|note|vorname|nachname',
        'page' => 'seite|s\\.',
        'of' => 'von',
        'instruction' => 'kreuzt|wählt|unterstreiche|setze|trage|markiere|ordne|kreuze?|wähle?|schreibe?|beantworte\\w*|lies|ergänze|anleitung|hinweise?',
        'material' => 'tabelle|abbildung|bild(?:er)?|diagramm|karte|gedicht',
        'explanation' => 'erklärung|begründung|erläuterung|hinweis zur lösung|rückmeldung|weil|denn',
        'bookkeeping' => 'schwierigkeit(?:sgrad)?|thema|lernziel|quelle|kapitel|niveau|anforderungsbereich|kompetenz',
        'value' => 'punkte?|wert',
        'cue' => 'bitte (?:um)?wenden!?|b\\.\\s?w\\.|fortsetzung(?: auf (?:der )?(?:nächsten )?(?:seite|rückseite)(?: \\d+)?| folgt)?|weiter auf (?:der )?(?:nächsten )?(?:seite|rückseite)(?: \\d+)?|(?:siehe )?rückseite|nächste seite',
        'button' => 'weiter|zurück|abgeben|absenden|fertig|überspringen|prüfen',
        'option' => 'buchstabe|option|antwort',
        'type' => 'typ|fragetyp|art',
        'ending' => 'ende(?: (?:des tests|der prüfung|der klassenarbeit|der arbeit))?|viel erfolg!?',
        'farewell' => 'sag(?:en sie)? (?:mir|einfach)|lass(?:en sie)? (?:es )?mich wissen|ich hoffe,|möchten sie,? dass|möchtest du,? dass|soll ich|viel erfolg|viel glück|gerne? (?:kann|passe|erstelle) ich|(?:wenn|falls) (?:du|sie) (?:möchte|willst|wollen|weitere|noch)',
        'remark' => 'beachte|achtung|merke|bitte beachten',
        'statement' => 'aussagen?|sätze?|frage',
    ],
    // Of their headings: what kind of question they announce.
    'paperKinds' => [
        'true-false' => '[rw] (?:oder|/) ?f|richtig (?:oder|/) ?falsch|wahr (?:oder|/) ?falsch|richtig/falsch',
        'typed' => 'lückentext|ergänze|fülle .{0,20}lücken|kurzantwort(?:en)?',
        'essay' => 'aufsatz|offene fragen|freitext',
        'matching' => 'zuordn\\w+|ordne .{0,60}zu|verbinde',
        'choice' => 'mehrfachauswahl|kreuze?|wähle?',
    ],
];
