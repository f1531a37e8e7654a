<?php

declare(strict_types=1);

return [
    'stand-test.not-done' => 'not done',
    'stand-test.even' => 'even, no oil on top',
    'stand-test.ring' => 'a ring of oil',
    'stand-test.beads' => 'beads of oil on top',
    'stand-test.layer' => 'a layer of oil on top',
];
