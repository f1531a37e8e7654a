<?php

declare(strict_types=1);

return [
    'name' => 'paraffin oil',
    'also' => 'liquid paraffin',
    'words' => ['paraffin', 'paraffin oil', 'liquid paraffin', 'mineral oil', 'light paraffin oil'],
];
