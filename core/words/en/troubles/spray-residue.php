<?php

declare(strict_types=1);

return [
    'name' => 'Dried spray',
    'matters' => 'What dried on the leaf; it does no harm. Rinse it off if it is in the way.',
];
