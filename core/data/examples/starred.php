<?php

declare(strict_types=1);

// A small question of each type in a Starred list, to read and to insert.

return [
    'choice' => "1. Which bee mates with the queen?\na. the worker\n*b. the drone\nc. the nurse",
    'multiple-response' => "1. (2 points) Which are castes?\n*a. queen\nb. swarm\n*c. drone",
    'true-false' => "1. A drone has a sting.\nFalse",
    'short-answer' => "1. How many legs has a bee?\nAnswer: six / 6",
    'gap' => "1. Honey is stored in the ________.\nAnswer: super / honey super",
    'matching' => "1. Match each box to its use.\nbrood box -> rearing young\nsuper -> storing honey\ntray -> feeding",
    'essay' => "1. Tell how a swarm is hived.\n...",
];
