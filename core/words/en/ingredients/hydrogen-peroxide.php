<?php

declare(strict_types=1);

return [
    'name' => 'hydrogen peroxide',
    'words' => ['hydrogen peroxide', 'peroxide', 'h2o2'],
];
