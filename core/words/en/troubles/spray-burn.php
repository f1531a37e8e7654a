<?php

declare(strict_types=1);

return [
    'name' => 'Burn from a spray',
    'matters' => 'Marked where it was wet; old marks stay. Find out which batch it was, weaken it, and test two leaves first.',
];
