<?php

declare(strict_types=1);

return [
    'name' => 'neem oil',
    'words' => ['neem', 'neem oil', 'cold pressed neem', 'cold pressed neem oil', 'raw neem', 'raw neem oil', 'pure neem oil', 'virgin neem oil'],
];
