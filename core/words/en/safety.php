<?php

declare(strict_types=1);

return [
    'strength-finding.egg' => 'Egg has no limit of its own.',
    'target.stock' => 'nothing before it is let down',
    'unknown-limit.not-listed' => 'There is no limit “{code}” in the catalogue.',
    'weak-judge.reckoned-with-because-nobody-said' => ', reckoned with because nobody said how hard the water is',
];
