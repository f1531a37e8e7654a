<?php

declare(strict_types=1);

return [
    'name' => 'Early blight',
    'matters' => 'Splashes up from the soil: strip spotted leaves first.',
    'counted' => 'new spots on ten leaves',
    'look' => 'Ten leaves that were clean when they were chosen, from the bottom up. New spots only.',
];
