<?php

declare(strict_types=1);

return [
    'name' => 'Black spot',
    'matters' => 'Pick up what fell; spray what is still clean.',
    'counted' => 'new spots on ten leaves',
    'look' => 'Ten leaves that were clean when they were chosen, from the bottom up. New spots only.',
];
