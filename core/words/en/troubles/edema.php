<?php

declare(strict_types=1);

return [
    'name' => 'Edema',
    'matters' => 'More water than the leaf can give off: water less, more air and light.',
];
