<?php

declare(strict_types=1);

// The words of printed tests, in lower case, as pieces of patterns: en, de, es, fr, it, nl, pt (common practice, no source).
return [
    'question' => 'questions?|question n[o°]?|aufgabe|frage|pregunta|question|domanda|esercizio|quesito|vraag|opgave|pergunta|quest[ãa]o|exercice|ejercicio|item|q',
    'answer' => 'answers?|ans|antwort(?:en)?|lösung|respuestas?|solución|réponses?|rép|rispost[ae]|soluzione|antwoord(?:en)?|respostas?|solução',
    'points' => 'points?|pts?\.?|marks?|punkte?|pkt\.?|puntos?|ptos?\.?|punti|punto|punten|punt|pontos?|valores?|p\.?',
    'each' => 'each|every|jede[rs]?|chaque|ogni|elke|per question|apiece|je|jeweils|pro frage|chacune?|par question|cada un[ao]|cada|por pregunta|ciascun[ao]|l[’\']una|per vraag|elk|por quest[ãa]o',
    'true' => 'true|t|richtig|wahr|r|w|verdadero|v|vrai|vero|waar|juist|verdadeiro',
    'false' => 'false|f|falsch|falso|faux|niet waar|onwaar|onjuist',
    'correct' => 'correct(?: answer)?|right(?= answer)|richtig|korrekt|correct[ao]|juste|bonne réponse|corretta|giust[ao]|juist|goed|cert[ao]',
    'key' => 'answer keys?|answers?|ans\.?|key|keys|solutions?|correct answers|lösungen|lösungsschlüssel|lösung|antwortschlüssel|antworten|schlüssel|auflösung|respuestas(?: correctas)?|clave(?: de respuestas)?|soluciones|solucionario|corrigé|réponses?(?: correctes)?|clé|solutions|soluzioni|risposte(?: corrette| esatte)?|chiave|antwoorden|antwoordsleutel|sleutel|oplossingen|gabarito|respostas(?: corretas| certas)?|chave(?: de respostas)?|soluções',
    'part' => 'part|section|unit|teil|abschnitt|parte|sección|seccion|sezione|partie|section|deel|onderdeel|secção|seção',
    'for' => 'for|use|questions?|items?|für|fragen|aufgaben|para|preguntas|pour|questions|per|domande|voor|vragen|perguntas|questões',
    'kinds' => [
        'true-false' => '[tv] (?:or|o|ou|of|/) ?[fo]|[rw] (?:oder|/) ?f|true (?:or|and|/) ?false|true/false|t/f|richtig (?:oder|/) ?falsch|wahr (?:oder|/) ?falsch|richtig/falsch|verdadero (?:o|y) falso|verdadero/falso|vrai (?:ou|/) ?faux|vrai/faux|vero (?:o|/) ?falso|vero/falso|waar of (?:niet waar|onwaar)|juist of (?:fout|onjuist)|verdadeiro (?:ou|e) falso|verdadeiro/falso|certo ou errado',
        'typed' => 'fill[- ]?in|fill in the (?:blanks?|gaps?)|complete the|missing words?|short answers?|lückentext|ergänze|fülle .{0,20}lücken|kurzantwort(?:en)?|completa|rellena|completar|respuesta corta|complét(?:ez|er)|texte à trous|réponse courte|completare|risposta breve|vul .{0,20}in|invul\w*|kort antwoord|complete as|preench[ae]|lacunas|resposta curta',
        'essay' => 'essays?|essay questions?|long answers?|open questions?|aufsatz|offene fragen|freitext|ensayo|preguntas abiertas|desarrollo|dissertation|questions? ouvertes?|rédaction|domande? apert[ae]|tema|open vragen|opstel|questões abertas|redação|dissertativas?',
        'matching' => 'match(?: each|ing)?\b|zuordn\w+|ordne .{0,30}zu|relaciona|empareja|associ(?:ez|er)|reliez|abbina\w*|collega|combineer|verbind|relacione|associe',
        'choice' => 'multiple[- ]choice|circle|choose|tick|select|mehrfachauswahl|kreuze?|wähle?|opción múltiple|opcion multiple|elige|marca|choix multiples?|qcm|entoure[rz]?|cochez?|choisis(?:sez)?|scelta multipla|scegli|meerkeuze\w*|omcirkel|kies|escolha múltipla|múltipla escolha|assinale|escolha',
    ],
    'task' => 'explain|describe|discuss|compare|define|state|give|list|name|write|erkläre?|beschreibe?|nenne|vergleiche?|explica|describe|nombra|define|expliquez|décrivez|nommez|définissez|spiega|descrivi|elenca|definisci|leg uit|beschrijf|noem|explique|descreva|cite|defina',
    'name' => 'name|student|pupil|class|form|grade|date|score|total|mark|period|teacher|datum|klasse|punkte|note|nombre(?: y apellidos)?|apellidos?|fecha|nota|curso|grupo|calificación|nom|prénom|classe|date|nome(?: e cognome)?|cognome|data|voto|punteggio|naam|klas|cijfer|turma|número|pontuação',
    'page' => 'page|seite|página|pagina|pág\.?|pag\.?|p\.|blz\.?|bladzijde|s\.',
    'of' => 'of|von|de|di|van|sur|/',
    'instruction' => 'indicate|decide|label|choisis|entoure|coche|écris|réponds|lis|complète|relie[rz]?|souligne|barre[rz]?|indiquez?|elija|marque|escriba|lea|responda|conteste|rodee|subraye|complet[ae]|señal[ae]|indi[cq]\w{1,2}|scegliete|segnate|scrivete|rispondete|barra|metti|kreuzt|wählt|unterstreiche|setze|trage|markiere|ordne|zet|onderstreep|ligue|sublinhe|circle|choose|tick|select|write|mark|read|answer|answer all|complete|fill|match|use|put|underline|kreuze?|wähle?|schreibe?|beantworte\w*|lies|ergänze|entourez|cochez|choisissez|écrivez|répondez|lisez|soulignez|complétez|elige|marca|escribe|lee|responde|contesta|rodea|subraya|scegli|segna|scrivi|rispondi|leggi|cerchia|omcirkel|kies|schrijf|beantwoord|lees|kruis|assinale|escolha|escreva|leia|responda|marque|preencha|directions?|instructions?|anleitung|hinweise?|instrucciones|consignes?|istruzioni|instructies?|instruções',
    'material' => 'text|passage|paragraph|table|chart|graph|figure|pictures?|diagram|map|poem|article|story|tabelle|abbildung|bild(?:er)?|diagramm|karte|gedicht|texto|tabla|gráfico|mapa|poema|imagen|figura|texte|tableau|graphique|carte|poème|image|schéma|testo|brano|tabella|grafico|mappa|poesia|immagine|tekst|tabel|figuur|grafiek|kaart|afbeelding|tabela|imagem',
];
