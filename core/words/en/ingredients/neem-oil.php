<?php

declare(strict_types=1);

return [
    'name' => 'neem oil',
    'words' => ['neem', 'neem oil', 'cold pressed neem', 'cold pressed neem oil', 'raw neem', 'raw neem oil', 'pure neem oil', '100 % neem', '100 % neem oil', '100 % pure neem oil', '100 % raw neem oil', '100 % cold pressed neem', '100 % cold pressed neem oil', '100 % organic neem oil', 'virgin neem oil'],
];
