<?php

declare(strict_types=1);

return [
    'name' => 'Lack of feed',
    'matters' => 'Feed it; no pest.',
];
