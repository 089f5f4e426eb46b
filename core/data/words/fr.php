<?php

declare(strict_types=1);

// Words that the rules of craft look for, in lower case. The last three patterns match a whole option; {L} stands for a letter.
return [
    'function' => ['le', 'la', 'les', 'un', 'une', 'des', 'du', 'de', 'd', 'au', 'aux', 'à', 'en', 'dans', 'par', 'pour', 'avec', 'sans', 'sur', 'sous', 'entre', 'vers', 'que', 'qui', 'quoi', 'quel', 'quelle', 'quels', 'quelles', 'quand', 'où', 'comment', 'combien', 'pourquoi', 'est', 'sont', 'était', 'étaient', 'être', 'a', 'ont', 'avait', 'il', 'elle', 'ils', 'elles', 'on', 'nous', 'vous', 'se', 's', 'son', 'sa', 'ses', 'leur', 'leurs', 'ce', 'cet', 'cette', 'ces', 'et', 'ou', 'mais', 'ne', 'pas', 'plus', 'si', 'comme', 'très', 'aussi', 'chaque', 'n', 'l', 'c', 'qu'],
    'negative' => ['pas', 'jamais', 'sauf', 'excepté', 'aucun', 'aucune'],
    'dated' => ['actuel', 'actuelle', 'actuels', 'actuelles', 'actuellement', 'maintenant', 'aujourd\'hui', 'récent', 'récente', 'récents', 'récentes', 'récemment', 'dernier cri', 'de nos jours', 'à présent', 'cette année', 'l\'année dernière', 'jusqu\'à présent', 'à ce jour'],
    'absolute' => ['toujours', 'jamais', 'tout', 'tous', 'toute', 'toutes', 'aucun', 'aucune', 'uniquement', 'exclusivement', 'complètement', 'totalement', 'entièrement', 'impossible'],
    'articles' => ['un', 'une'],
    'true' => ['vrai', 'v', 'oui', 'juste', 'correct'],
    'false' => ['faux', 'f', 'non', 'incorrect'],
    'numbers' => ['zéro', 'un', 'deux', 'trois', 'quatre', 'cinq', 'six', 'sept', 'huit', 'neuf', 'dix', 'onze', 'douze', 'treize', 'quatorze', 'quinze', 'seize', 'dix-sept', 'dix-huit', 'dix-neuf', 'vingt'],
    'allOfTheAbove' => 'tou(?:te)?s (?:les )?(?:réponses|options)?(?: ?ci-dessus| ?précédentes| ?ces réponses)?(?: sont (?:justes|correctes|vraies))?|toutes (?:ces )?(?:réponses|les réponses)(?: ci-dessus| précédentes)?',
    'noneOfTheAbove' => 'aucune? (?:des |de ces )?(?:réponses|options|propositions|précédentes)?(?: ?ci-dessus| ?précédentes| ?n\'est (?:juste|correcte))?|rien de tout cela',
    'otherOptions' => '(?:à la fois )?{L} (?:et|ou) {L}(?: sont (?:justes|correctes))?|ni {L} ni {L}|(?:réponses|options) {L} (?:et|ou) {L}|seulement {L} et {L}',
    // Of printed tests: pieces of patterns that are read in any case.
    'paper' => [
        'question' => 'question|exercice',
        'answer' => 'réponses?|rép',
        'points' => 'points?|pts?\\.?',
        'each' => 'chaque|chacune?|par question',
        'true' => 'vrai|v',
        'false' => 'faux|f',
        'correct' => 'correct|juste|bonnes?|exacte?',
        'key' => 'corrigé|réponses?(?: correctes)?|clé|solutions',
        'part' => 'partie|section|leçon|chapitre|tour',
        'for' => 'pour|questions',
        'task' => 'expliquez|décrivez|nommez|définissez|explique|décris',
        'name' => 'nom|prénom|classe|date|note',
        'page' => 'page|p\\.',
        'of' => 'sur|de',
        'instruction' => 'choisis|entoure|coche|écris|réponds|lis|complète|relie[rz]?|souligne|barre[rz]?|indiquez?|entourez|cochez|choisissez|écrivez|répondez|lisez|soulignez|complétez|consignes?',
        'material' => 'texte|tableau|graphique|carte|poème|image|schéma|figure',
        'explanation' => 'explications?|justification|raison|parce que',
        'bookkeeping' => 'difficulté|thème|objectif|source|chapitre|niveau|référence|compétence',
        'value' => 'points?|valeur|barème',
        'cue' => 't\\.\\s?s\\.\\s?v\\.\\s?p\\.|tournez(?: la page)?(?:,? s[’\']il vous plaît)?|tourne[rz]? la page|(?:suite|à suivre)(?: (?:à la|en|sur la) page (?:suivante|\\d+)| au verso)?|voir (?:au )?verso|au verso',
        'button' => 'suivant|précédent|envoyer|valider|terminer|vérifier',
        'option' => 'lettre|option|réponse|proposition',
        'type' => 'type(?: de question)?',
        'ending' => 'fin(?: (?:du test|de l[’\']examen|du contrôle))?',
        'farewell' => 'j[’\']espère que|n[’\']hésite[sz]? pas|dites?[- ]moi|si (?:vous souhaitez|vous voulez|tu veux) (?:que|plus|d[’\']autres)|souhaitez-vous que|voulez-vous que|bonne chance|bon courage',
        'remark' => 'remarque|attention|nb',
        'statement' => 'affirmations?|phrases?|énoncé|question',
    ],
    // Of their headings: what kind of question they announce.
    'paperKinds' => [
        'true-false' => 'vrai (?:ou|/) ?faux|vrai/faux',
        'typed' => 'complét(?:ez|er)|texte à trous|réponse courte',
        'essay' => 'dissertation|questions? ouvertes?|rédaction',
        'matching' => 'associ(?:ez|er)|reli(?:ez|er|e)',
        'choice' => 'choix multiples?|qcm|entoure[rz]?|cochez?|choisis(?:sez)?',
    ],
];
