<?php

declare(strict_types=1);

return [
    'name' => 'Too much water',
    'matters' => 'Let it dry; no pest.',
];
