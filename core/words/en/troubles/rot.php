<?php

declare(strict_types=1);

return [
    'name' => 'Rot at the base',
    'matters' => 'No spray reaches it: take a clean cutting.',
];
