<?php

declare(strict_types=1);

// A small question of each type in Aiken, to read and to insert.

return [
    'choice' => "Which bee mates with the queen?\nA. the worker\nB. the drone\nC. the nurse\nANSWER: B",
];
