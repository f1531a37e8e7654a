<?php

declare(strict_types=1);

return [
    'name' => 'polysorbate 20',
    'also' => 'tween 20',
    'words' => ['polysorbate', 'polysorbate 20', 'polysorbate20', 'tween', 'tween 20', 'tween20'],
];
