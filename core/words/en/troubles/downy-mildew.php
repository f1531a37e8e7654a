<?php

declare(strict_types=1);

return [
    'name' => 'Downy mildew',
    'matters' => 'It needs wet leaves: air and dry leaves hold it, and none of these sprays does.',
    'counted' => 'new patches on ten leaves',
    'look' => 'Ten leaves that were clean when they were chosen, from the bottom up. New patches only.',
];
