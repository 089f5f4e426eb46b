<?php

declare(strict_types=1);

// A question of each type in Aiken, to be filled in: what is to be written stands between guillemets.

return [
    'choice' => "‹Question?›\nA. ‹right answer›\nB. ‹wrong answer›\nC. ‹another wrong answer›\nANSWER: ‹A›",
];
