<?php

declare(strict_types=1);

// A small question of each type in Gram, to read and to insert.

return [
    'choice' => ":: Winter cluster\nWhat keeps a winter cluster warm?\n= shivering flight muscles\n~ a store of warm honey\n~ sunlight on the hive",
    'multiple-response' => "Which of these does a worker do? (2 points)\n= forages\n= guards the entrance\n~ mates with the queen",
    'true-false' => "A drone has a sting.\n= false\n  # Only females sting.\n  # Well seen.",
    'short-answer' => "What do bees make comb of?\n= wax\n= beeswax",
    'numeric' => "How many days does a queen take from egg to emergence?\n=# 16:1",
    'matching' => "Match each box to its use.\n= brood box -> rearing young\n= super -> storing honey\n= nucleus box -> starting a colony",
    'gap' => 'Bees collect {=nectar} and turn it into honey.',
    'essay' => "Describe how you would unite two colonies.\n{}",
    'stimulus' => "Read this before the next three questions.\n{-}",
];
