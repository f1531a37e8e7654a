<?php

declare(strict_types=1);

return [
    'name' => 'Leaf curl',
    'matters' => 'It got in as the buds swelled in the rain: pick the leaves off, feed and water; new ones come clean.',
    'counted' => 'curled leaves on ten tips',
    'look' => 'Ten shoot tips all round the plant. New leaves only.',
];
