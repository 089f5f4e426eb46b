<?php

declare(strict_types=1);

// Words that the rules of craft look for, in lower case. The last three patterns match a whole option; {L} stands for a letter.
return [
    'function' => ['a', 'an', 'the', 'of', 'to', 'in', 'on', 'at', 'by', 'for', 'from', 'with', 'as', 'is', 'are', 'was', 'were', 'be', 'been', 'being', 'it', 'its', 'this', 'that', 'these', 'those', 'which', 'who', 'whom', 'whose', 'what', 'when', 'where', 'why', 'how', 'do', 'does', 'did', 'has', 'have', 'had', 'not', 'and', 'or', 'but', 'if', 'than', 'then', 'there', 'their', 'they', 'he', 'she', 'his', 'her', 'you', 'your', 'we', 'our', 'can', 'could', 'may', 'might', 'must', 'shall', 'should', 'will', 'would', 'into', 'about', 'between', 'after', 'before', 'during', 'each', 'most', 'more', 'any', 'some', 'such', 'only', 'also'],
    'negative' => ['not', 'except', 'isn\'t', 'aren\'t', 'wasn\'t', 'weren\'t', 'doesn\'t', 'don\'t', 'didn\'t', 'cannot', 'can\'t', 'never'],
    'dated' => ['current', 'currently', 'now', 'nowadays', 'today', 'recent', 'recently', 'latest', 'newest', 'at present', 'presently', 'so far', 'this year', 'last year', 'next year', 'this month', 'at the moment'],
    'absolute' => ['always', 'never', 'all', 'none', 'only', 'every', 'must', 'completely', 'totally', 'entirely', 'impossible', 'exclusively'],
    'articles' => ['a', 'an'],
    // Of texts that questions are drafted from: what stands before a noun, what says what something is, and what speaks of the sentence before.
    'determiners' => ['a', 'an', 'the'],
    'defining' => ['is', 'are', 'was', 'were'],
    'pointing' => ['it', 'its', 'this', 'that', 'these', 'those', 'they', 'them', 'their', 'he', 'him', 'his', 'she', 'her', 'we', 'our', 'you', 'your', 'there', 'here', 'such', 'both', 'another', 'other', 'others', 'however', 'but', 'and', 'or', 'so', 'then', 'thus', 'therefore', 'also', 'moreover', 'instead', 'otherwise', 'meanwhile', 'nevertheless', 'finally', 'afterwards', 'later', 'yet', 'still', 'similarly', 'likewise', 'which', 'who', 'if', 'because'],
    'true' => ['true', 't', 'yes', 'right', 'correct'],
    'false' => ['false', 'f', 'no', 'wrong', 'incorrect'],
    'numbers' => ['zero', 'one', 'two', 'three', 'four', 'five', 'six', 'seven', 'eight', 'nine', 'ten', 'eleven', 'twelve', 'thirteen', 'fourteen', 'fifteen', 'sixteen', 'seventeen', 'eighteen', 'nineteen', 'twenty'],
    'allOfTheAbove' => 'all (?:of )?(?:the )?(?:above|these|them|others?)|all (?:of )?the (?:above|preceding)(?: answers| options)?|all (?:answers|options)(?: above)?(?: are (?:right|correct|true))?',
    'noneOfTheAbove' => 'none (?:of )?(?:the )?(?:above|these|them|others?)|no(?:ne)? (?:answer|option)s? (?:above )?(?:is|are) (?:right|correct|true)|neither of (?:the above|these)',
    'otherOptions' => '(?:both )?{L} (?:and|or|&) {L}(?: (?:above|only|are (?:right|correct|true)))?|neither {L} nor {L}|(?:answers?|options?) {L} (?:and|or|&) {L}|only {L} (?:and|or) {L}',
    // Of printed tests: pieces of patterns that are read in any case.
    'paper' => [
        'question' => 'questions?|question n[o°]?|item|q',
        'answer' => 'answers?|ans',
        'points' => 'points?|pts?\\.?|marks?|p\\.?',
        'each' => 'each|every|per question|apiece',
        'true' => 'true|t',
        'false' => 'false|f',
        'correct' => 'correct(?: answer)?|right(?= answer)',
        'key' => 'answer keys?|answer section|answers?|ans\\.?|key|keys|solutions?|correct answers',
        'part' => 'part|section|unit|lesson|chapter|round',
        'for' => 'for|use|questions?|items?',
        'task' => 'explain|describe|discuss|compare|define|state|give|list|name|write',
        'name' => 'name|student|pupil|class|form|grade|date|score|total|mark|period|teacher',
        'page' => 'page|p\\.',
        'of' => 'of',
        'or' => 'or|and',
        'instruction' => 'indicate|decide|label|circle|choose|tick|select|write|mark|read|answer|answer all|complete|fill|match|use|put|underline|directions?|instructions?',
        'material' => 'text|passage|paragraph|table|chart|graph|figure|pictures?|diagram|map|poem|article|story',
        'explanation' => 'explanations?|rationale|feedback|reasons?|because',
        'bookkeeping' => 'ref(?:erence)?|dif(?:ficulty)?|obj(?:ective)?s?|learning objectives?|learning outcomes?|top(?:ic)?|sto|standards?|kw|msc|bloom(?:[’\']s)?(?: level| taxonomy)?|taxonomy|cognitive level|level|skill|chapter|source|category|tags?|nat|time',
        'value' => 'points?|marks?|value|score|worth',
        'cue' => '(?:please )?turn (?:the page |page )?over(?: the page| please)?|please turn(?: over| the page)?|p\\.?\\s?t\\.?\\s?o\\.?|(?:to be )?cont(?:inue|[\'’]?)d?\\.?(?: on (?:the )?next page| on page \\d+| overleaf)?|(?:go|turn) (?:on )?to the next page|see over(?:leaf)?|next page|over ?leaf',
        'button' => 'next|previous|back|submit(?: answers?)?|finish(?: quiz)?|check(?: answers?)?|continue|skip|clear(?: answers?)?|mark for review',
        'option' => 'letter|option|choice|answer|alternative',
        'type' => 'type|question type|format',
        'ending' => '(?:this is )?(?:the )?end of (?:the |this )?(?:test|exam(?:ination)?|paper|quiz|questions?)|end',
        'farewell' => 'let me know|feel free to|(?:i )?hope (?:this|that|these)|would you like (?:me|more)|do you want (?:me|more)|if you(?:[’\']d| would)? (?:like|need|want) (?:me|more|any|help)|shall i|happy (?:teaching|studying|learning)|good luck',
        'remark' => 'note|nb|n\\.b\\.|remember|please note',
        'statement' => 'statements?|sentences?',
        'kindName' => 'multiple[- ]choice(?: question)?|single[- ]choice|multiple[- ]response|true ?/ ?false|true or false|t ?/ ?f|fill[- ]in[- ](?:the[- ])?(?:blanks?|gaps?)|short[- ]answer|long[- ]answer|open[- ]ended|essay|matching|numeric(?:al)?',
    ],
    // Of their headings: what kind of question they announce.
    'paperKinds' => [
        'true-false' => '[tv] (?:or|o|ou|of|/) ?[fo]|true (?:or|and|/) ?false|true/false|t/f',
        'typed' => 'fill[- ]?in|fill in the (?:blanks?|gaps?)|complete the|missing words?|short answers?',
        'essay' => 'essays?|essay questions?|long answers?|open questions?|(?:complete|full|whole) sentences',
        'matching' => 'match(?: each|ing)?\\b',
        'choice' => 'multiple[- ]choice|circle|choose|tick|select',
    ],
    // What a paper says that is printed here, as ICU MessageFormat has it.
    'onPaper' => [
        'name' => 'Name',
        'class' => 'Class',
        'date' => 'Date',
        'points-of' => 'Points:',
        'points' => '{points, plural, one {# point} other {# points}}',
        'version' => 'Version {version}',
        'key' => 'Answers',
        'tick-all' => 'Tick every right answer.',
        'title' => 'Questions',
    ],
    // Of the headings of a table with one question a row, and of a list of terms: each matches a whole heading.
    'columns' => [
        'category' => 'category|topic|chapter|unit',
        'title' => 'title|name|question (?:name|title)',
        'type' => 'type|kind|question type',
        'stem' => 'question|q|stem|text|question text|item|statement|prompt',
        'points' => 'points?|marks?|score|pts',
        'option' => 'distractor|wrong answer|incorrect answer|wrong|incorrect|option|answer|choice|alternative|response',
        'key' => 'key|ans|correct|right|right answer|correct answers?|answers?|answer key|solution|correct (?:option|choice)',
        'feedback' => 'feedback|explanation|comment|rationale',
        'term' => 'term|word|concept|name',
        'definition' => 'definition|meaning|description|explanation',
    ],
    // What a question asks that has pupils match the two sides of such a list.
    'matchTerms' => ['definition' => 'Match each definition with its term.', 'term' => 'Match each term with its definition.'],
];
