<?php

declare(strict_types=1);

return [
    'name' => 'Powdery mildew',
    'matters' => 'A film on the leaf: soda, oil, half-strength neem.',
    'counted' => 'percent of white film, added up over the newest ten leaves',
    'look' => 'The ten newest full-grown leaves. How much of each is white.',
];
