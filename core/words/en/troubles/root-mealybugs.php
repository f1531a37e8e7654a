<?php

declare(strict_types=1);

return [
    'name' => 'Root mealybugs',
    'matters' => 'Nothing on the leaves shows them: wash the roots, a clean pot, fresh soil.',
    'counted' => 'waxy specks on the outside of the root ball',
    'look' => 'Slide the root ball out: two sides of it, from the rim to the bottom, and the pot where it lay.',
];
