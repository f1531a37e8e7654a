<?php

declare(strict_types=1);

return [
    'name' => 'isopropyl alcohol',
    'also' => 'rubbing alcohol',
    'words' => ['isopropyl alcohol', 'isopropyl', 'isopropanol', 'ipa', 'rubbing alcohol', 'isopropyl rubbing alcohol', 'isoprop'],
    'loose' => ['alcohol' => ['alcohol']],
];
