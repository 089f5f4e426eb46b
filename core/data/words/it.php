<?php

declare(strict_types=1);

// Words that the rules of craft look for, in lower case. The last three patterns match a whole option; {L} stands for a letter.
return [
    'function' => ['il', 'lo', 'la', 'i', 'gli', 'le', 'un', 'uno', 'una', 'di', 'del', 'dello', 'della', 'dei', 'degli', 'delle', 'a', 'al', 'allo', 'alla', 'ai', 'agli', 'alle', 'da', 'dal', 'dalla', 'in', 'nel', 'nella', 'nei', 'nelle', 'con', 'su', 'sul', 'sulla', 'per', 'tra', 'fra', 'che', 'chi', 'quale', 'quali', 'quando', 'dove', 'come', 'quanto', 'quanti', 'quanta', 'quante', 'perché', 'è', 'sono', 'era', 'erano', 'essere', 'ha', 'hanno', 'si', 'suo', 'sua', 'suoi', 'sue', 'e', 'o', 'ma', 'non', 'se', 'più', 'anche', 'ogni', 'questo', 'questa', 'questi', 'queste', 'l', 'd'],
    'negative' => ['non', 'tranne', 'eccetto', 'mai'],
    'dated' => ['attuale', 'attuali', 'attualmente', 'adesso', 'ora', 'oggi', 'oggigiorno', 'recente', 'recenti', 'recentemente', 'quest\'anno', 'l\'anno scorso', 'finora', 'ad oggi', 'al momento'],
    'absolute' => ['sempre', 'mai', 'tutto', 'tutti', 'tutta', 'tutte', 'nessuno', 'nessuna', 'solo', 'soltanto', 'esclusivamente', 'completamente', 'totalmente', 'impossibile'],
    'articles' => ['un', 'uno', 'una', 'un\''],
    'true' => ['vero', 'v', 'sì', 'si', 'giusto', 'corretto'],
    'false' => ['falso', 'f', 'no', 'sbagliato'],
    'numbers' => ['zero', 'uno', 'due', 'tre', 'quattro', 'cinque', 'sei', 'sette', 'otto', 'nove', 'dieci', 'undici', 'dodici', 'tredici', 'quattordici', 'quindici', 'sedici', 'diciassette', 'diciotto', 'diciannove', 'venti'],
    'allOfTheAbove' => 'tutt[ei] (?:le |i )?(?:precedenti|risposte|suddett[ei])(?: precedenti)?(?: sono (?:giuste|corrette))?|tutte sono corrette',
    'noneOfTheAbove' => 'nessun[ao]?\'? ?(?:delle |dei )?(?:precedenti|risposte|suddett[ei]|altra)(?: precedenti)?|nessuna (?:risposta )?è corretta',
    'otherOptions' => '(?:sia )?{L} (?:e|o|che|sia) {L}(?: sono corrette)?|né {L} né {L}|(?:risposte|opzioni) {L} (?:e|o) {L}|solo {L} e {L}',
    // Of printed tests: pieces of patterns that are read in any case.
    'paper' => [
        'question' => 'domanda|esercizio|quesito',
        'answer' => 'rispost[ae]|soluzione',
        'points' => 'punti|punto',
        'each' => 'ogni|ciascun[ao]|l[’\']una',
        'true' => 'vero|v',
        'false' => 'falso|f',
        'correct' => 'corretta|giust[ao]|esatta',
        'key' => 'soluzioni|risposte(?: corrette| esatte)?|chiave',
        'part' => 'sezione|parte|lezione|capitolo',
        'for' => 'per|domande',
        'task' => 'spiega|descrivi|elenca|definisci',
        'name' => 'nome(?: e cognome)?|cognome|data|voto|punteggio|classe',
        'page' => 'pagina|pag\\.?',
        'of' => 'di',
        'instruction' => 'scegliete|segnate|scrivete|rispondete|barra|metti|scegli|segna|scrivi|rispondi|leggi|cerchia|istruzioni|indica|completa',
        'material' => 'testo|brano|tabella|grafico|mappa|poesia|immagine|figura',
        'explanation' => 'spiegazione|motivazione|motivo|perché',
        'bookkeeping' => 'difficoltà|argomento|obiettivo|fonte|capitolo|livello|riferimento',
        'value' => 'punti|punteggio|valore',
        'cue' => 'volta(?:re)?(?: la)? pagina|gira(?:re)?(?: la)? pagina|(?:continua|segue)(?: (?:a|alla|nella) pagina (?:seguente|successiva|\\d+)| sul retro)?|vedi retro|sul retro',
        'button' => 'avanti|indietro|invia|fine|verifica',
        'option' => 'lettera|opzione|risposta',
        'type' => 'tipo(?: di domanda)?',
        'ending' => 'fine(?: (?:del test|della verifica|dell[’\']esame))?',
        'farewell' => 'spero che|fammi sapere|mi faccia sapere|se (?:vuoi|desideri|hai bisogno|desidera),?|vuoi che|buona fortuna|in bocca al lupo',
        'remark' => 'nota|attenzione|nb',
        'statement' => 'affermazioni|affermazione|frasi|domanda',
    ],
    // Of their headings: what kind of question they announce.
    'paperKinds' => [
        'true-false' => 'vero (?:o|/) ?falso|vero/falso',
        'typed' => 'completare|completa|risposta breve',
        'essay' => 'domande? apert[ae]|tema',
        'matching' => 'abbina\\w*|collega|associa',
        'choice' => 'scelta multipla|scegli',
    ],
];
