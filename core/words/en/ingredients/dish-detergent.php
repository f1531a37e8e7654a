<?php

declare(strict_types=1);

return [
    'name' => 'dish detergent',
    'also' => 'dish soap, washing-up liquid',
    'words' => [
        'dish detergent',
        'dish soap',
        'dishsoap',
        'detergent',
        'dishwashing liquid',
        'washing up liquid',
        'dish liquid',
        'gentle detergent',
        'dish washing liquid',
        'gentle dish soap',
        'dishwashing detergent',
        'dish washing detergent',
        'dishwashing soap',
        'washing up',
        'liquid dish soap',
        'liquid detergent',
        'mild dish soap',
        'hand soap',
        'hand wash',
        'liquid hand soap',
        'washing up soap',
        'dish washing soap',
        'dish wash',
        'dishwash',
        'dish wash liquid',
        'dishwash liquid',
        'washing up detergent',
    ],
    'loose' => ['wash' => ['shampoo', 'body wash', 'shower gel', 'baby shampoo', 'bubble bath']],
];
