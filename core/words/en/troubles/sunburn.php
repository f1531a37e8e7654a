<?php

declare(strict_types=1);

return [
    'name' => 'Sunburn',
    'matters' => 'Shade it; old scars stay.',
];
