<?php

declare(strict_types=1);

return [
    'ladybirds' => 'Ladybirds or their grubs',
    'lacewings' => 'Lacewings or their grubs',
    'hoverfly-grubs' => 'Hoverfly grubs',
    'mummies' => 'Swollen brown aphids',
    'predatory-mites' => 'Predatory mites',
    'spiders' => 'Spiders',
    'others' => 'Others that hunt pests',
];
