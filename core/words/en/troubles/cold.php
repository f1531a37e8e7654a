<?php

declare(strict_types=1);

return [
    'name' => 'Cold',
    'matters' => 'Wait and see what shoots again.',
];
