<?php

declare(strict_types=1);

// A small question of each type in GIFT, to read and to insert.

return [
    'choice' => "::Winter cluster:: What keeps a winter cluster warm? {\n  =shivering flight muscles\n  ~a store of warm honey\n  ~sunlight on the hive\n}",
    'multiple-response' => "Which of these does a worker do? {\n  ~%50%forages\n  ~%50%guards the entrance\n  ~%-100%mates with the queen\n}",
    'true-false' => 'A drone has a sting. {F#Only females sting.#Well seen.}',
    'short-answer' => 'What do bees make comb of? {=wax =beeswax}',
    'numeric' => 'How many days does a queen take from egg to emergence? {#16:1}',
    'matching' => "Match each box to its use. {\n  =brood box -> rearing young\n  =super -> storing honey\n  =nucleus box -> starting a colony\n}",
    'gap' => 'Bees collect {=nectar} and turn it into honey.',
    'essay' => 'Describe how you would unite two colonies. {}',
    'stimulus' => 'Read this before the next three questions.',
];
