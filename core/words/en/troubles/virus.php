<?php

declare(strict_types=1);

return [
    'name' => 'A virus',
    'matters' => 'No spray reaches it: discard the plant, stop what carries it.',
];
