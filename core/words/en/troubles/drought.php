<?php

declare(strict_types=1);

return [
    'name' => 'Drought',
    'matters' => 'Water it before anything is sprayed.',
];
