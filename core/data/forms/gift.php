<?php

declare(strict_types=1);

// A question of each type in GIFT, to be filled in: what is to be written stands between guillemets.

return [
    'choice' => "‹Question?› {\n  =‹right answer›\n  ~‹wrong answer›\n  ~‹another wrong answer›\n}",
    'multiple-response' => "‹Which of these …?› {\n  ~%50%‹right answer›\n  ~%50%‹another right answer›\n  ~%-100%‹wrong answer›\n}",
    'true-false' => '‹A statement.› {‹T›}',
    'short-answer' => '‹Question?› {=‹answer› =‹another spelling›}',
    'numeric' => '‹How many?› {#‹10›:‹1›}',
    'matching' => "‹Match them.› {\n  =‹first› -> ‹match of the first›\n  =‹second› -> ‹match of the second›\n  =‹third› -> ‹match of the third›\n}",
    'gap' => '‹The sentence before› {=‹missing word›} ‹and after.›',
    'essay' => '‹Describe …› {}',
];
