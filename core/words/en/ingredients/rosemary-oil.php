<?php

declare(strict_types=1);

return [
    'name' => 'rosemary oil',
    'words' => ['rosemary', 'rosemary oil', 'rosemary essential oil', 'oil of rosemary', 'essential oil of rosemary'],
];
