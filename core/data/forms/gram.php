<?php

declare(strict_types=1);

// A question of each type in Gram, to be filled in: what is to be written stands between guillemets.

return [
    'choice' => "‹Question?›\n= ‹right answer›\n~ ‹wrong answer›\n~ ‹another wrong answer›",
    'multiple-response' => "‹Which of these …?›\n= ‹right answer›\n= ‹another right answer›\n~ ‹wrong answer›",
    'true-false' => "‹A statement.›\n= ‹true›",
    'short-answer' => "‹Question?›\n= ‹answer›\n= ‹another spelling›",
    'numeric' => "‹How many?›\n=# ‹10›:‹1›",
    'matching' => "‹Match them.›\n= ‹first› -> ‹match of the first›\n= ‹second› -> ‹match of the second›\n= ‹third› -> ‹match of the third›",
    'gap' => '‹The sentence before› {=‹missing word›} ‹and after.›',
    'essay' => "‹Describe …›\n{}",
    'stimulus' => "‹Read this first.›\n{-}",
];
