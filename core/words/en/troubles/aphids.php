<?php

declare(strict_types=1);

return [
    'name' => 'Aphids',
    'matters' => 'Soft; die within hours of soap, look browned next day.',
    'counted' => 'aphids on ten tips',
    'look' => 'Ten shoot tips all round the plant, leaves turned over. Living ones; white skins do not count.',
];
