<?php

declare(strict_types=1);

return [
    'name' => 'bar soap',
    'also' => 'flakes, solid soap',
    'words' => ['bar soap', 'soap bar', 'bar of soap', 'soap flakes', 'flaked soap', 'grated soap', 'grated bar soap', 'hard soap', 'solid soap', 'solid black soap', 'soap shavings', 'marseille soap', 'household soap'],
];
