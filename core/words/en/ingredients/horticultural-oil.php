<?php

declare(strict_types=1);

return [
    'name' => 'horticultural oil',
    'also' => 'white oil, winter oil',
    'words' => ['horticultural oil', 'hort oil', 'garden oil', 'summer oil', 'white oil', 'horticulture oil', 'winter oil', 'dormant oil', 'superior oil'],
];
