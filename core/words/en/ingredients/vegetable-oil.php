<?php

declare(strict_types=1);

return [
    'name' => 'vegetable oil',
    'words' => [
        'vegetable oil',
        'veg oil',
        'veggie oil',
        'canola',
        'sunflower',
        'rapeseed',
        'olive',
        'soybean',
        'veg',
        'light olive oil',
        'sunflower seed oil',
        'vegetable cooking oil',
        'kitchen oil',
        'cooking oil',
        'sunflower oil',
        'canola oil',
        'rapeseed oil',
        'rape oil',
        'olive oil',
        'soybean oil',
        'soya oil',
        'corn oil',
        'peanut oil',
        'salad oil',
        'cottonseed oil',
    ],
    'loose' => ['oil' => ['oil', 'light oil']],
];
