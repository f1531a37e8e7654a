<?php

declare(strict_types=1);

return [
    'rank' => 262,
    'kind' => 'care',
    'commonness' => 0.8,
    'signs' => ['wipes-off' => 'u', 'after-spray' => 'u', 'white-film' => 'o', 'clean-new-growth' => 'o', 'over-weeks' => 'n', 'webs' => 'n'],
    'stages' => ['any'],
    'source' => 'practice',
];
