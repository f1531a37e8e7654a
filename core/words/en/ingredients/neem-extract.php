<?php

declare(strict_types=1);

return [
    'name' => 'neem extract',
    'words' => ['neem extract', 'clarified neem extract', 'clarified neem', 'clarified neem oil', 'clarified hydrophobic extract of neem', 'clarified hydrophobic extract of neem oil', 'hydrophobic neem extract', 'clarified hydrophobic neem extract'],
];
