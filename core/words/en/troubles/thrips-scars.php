<?php

declare(strict_types=1);

return [
    'name' => 'Old scars of thrips',
    'matters' => 'What they scraped stays silver; new leaves are clean, so they are gone. Nothing is sprayed.',
];
