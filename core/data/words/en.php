<?php

declare(strict_types=1);

// Words that the rules of craft look for, in lower case. The last three patterns match a whole option; {L} stands for a letter.
return [
    'function' => ['a', 'an', 'the', 'of', 'to', 'in', 'on', 'at', 'by', 'for', 'from', 'with', 'as', 'is', 'are', 'was', 'were', 'be', 'been', 'being', 'it', 'its', 'this', 'that', 'these', 'those', 'which', 'who', 'whom', 'whose', 'what', 'when', 'where', 'why', 'how', 'do', 'does', 'did', 'has', 'have', 'had', 'not', 'and', 'or', 'but', 'if', 'than', 'then', 'there', 'their', 'they', 'he', 'she', 'his', 'her', 'you', 'your', 'we', 'our', 'can', 'could', 'may', 'might', 'must', 'shall', 'should', 'will', 'would', 'into', 'about', 'between', 'after', 'before', 'during', 'each', 'most', 'more', 'any', 'some', 'such', 'only', 'also'],
    'negative' => ['not', 'except', 'isn\'t', 'aren\'t', 'wasn\'t', 'weren\'t', 'doesn\'t', 'don\'t', 'didn\'t', 'cannot', 'can\'t', 'never'],
    'dated' => ['current', 'currently', 'now', 'nowadays', 'today', 'recent', 'recently', 'latest', 'newest', 'at present', 'presently', 'so far', 'this year', 'last year', 'next year', 'this month', 'at the moment'],
    'absolute' => ['always', 'never', 'all', 'none', 'only', 'every', 'must', 'completely', 'totally', 'entirely', 'impossible', 'exclusively'],
    'articles' => ['a', 'an'],
    'true' => ['true', 't', 'yes', 'right', 'correct'],
    'false' => ['false', 'f', 'no', 'wrong', 'incorrect'],
    'numbers' => ['zero', 'one', 'two', 'three', 'four', 'five', 'six', 'seven', 'eight', 'nine', 'ten', 'eleven', 'twelve', 'thirteen', 'fourteen', 'fifteen', 'sixteen', 'seventeen', 'eighteen', 'nineteen', 'twenty'],
    'allOfTheAbove' => 'all (?:of )?(?:the )?(?:above|these|them|others?)|all (?:of )?the (?:above|preceding)(?: answers| options)?|all (?:answers|options)(?: above)?(?: are (?:right|correct|true))?',
    'noneOfTheAbove' => 'none (?:of )?(?:the )?(?:above|these|them|others?)|no(?:ne)? (?:answer|option)s? (?:above )?(?:is|are) (?:right|correct|true)|neither of (?:the above|these)',
    'otherOptions' => '(?:both )?{L} (?:and|or|&) {L}(?: (?:above|only|are (?:right|correct|true)))?|neither {L} nor {L}|(?:answers?|options?) {L} (?:and|or|&) {L}|only {L} (?:and|or) {L}',
];
