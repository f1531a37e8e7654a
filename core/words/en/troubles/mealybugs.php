<?php

declare(strict_types=1);

return [
    'name' => 'Mealybugs',
    'matters' => 'Waxed; eggs hatch within 7 to 10 days, up to 45 in the cold.',
    'counted' => 'mealybugs in ten leaf joints',
    'look' => 'Ten leaf joints from the base up, and the rim of the pot.',
    'look_stages' => ['egg-sacs' => 'egg sacs', 'crawlers' => 'crawlers', 'adults' => 'adults'],
];
