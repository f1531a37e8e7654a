<?php

declare(strict_types=1);

return [
    'name' => 'egg',
    'words' => ['egg', 'eggs', 'whole egg', 'whole eggs', 'large egg', 'large eggs'],
];
