<?php

declare(strict_types=1);

// A question of each type in a Starred list, to be filled in: what is to be written stands between guillemets.

return [
    'choice' => "‹1›. ‹Question?›\n*a. ‹right answer›\nb. ‹wrong answer›\nc. ‹another wrong answer›",
    'multiple-response' => "‹1›. ‹Which of these …?›\n*a. ‹right answer›\n*b. ‹another right answer›\nc. ‹wrong answer›",
    'true-false' => "‹1›. ‹A statement.›\n‹True›",
    'short-answer' => "‹1›. ‹Question?›\nAnswer: ‹answer›",
    'gap' => "‹1›. ‹The sentence with its ____ blank.›\nAnswer: ‹missing word›",
    'matching' => "‹1›. ‹Match them.›\n‹first› -> ‹match of the first›\n‹second› -> ‹match of the second›\n‹third› -> ‹match of the third›",
    'essay' => "‹1›. ‹Describe …›\n...",
];
