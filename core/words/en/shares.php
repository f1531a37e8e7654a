<?php

declare(strict_types=1);

/* Parts of a spoonful's worth, by the share. */
return [
    '0.75' => 'three quarters',
    '0.5' => 'half',
    '0.33' => 'a third',
    '0.25' => 'a quarter',
    '0.125' => 'an eighth',
];
