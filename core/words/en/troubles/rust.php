<?php

declare(strict_types=1);

return [
    'name' => 'Rust',
    'matters' => 'Strip the worst leaves; soda and oil on the rest.',
    'counted' => 'fresh pustules on ten leaves',
    'look' => 'Ten leaves that were clean when they were chosen. Fresh pustules only.',
];
