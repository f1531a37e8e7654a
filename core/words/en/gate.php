<?php

declare(strict_types=1);

return [
    'repeat-rule.rinsed-off-each-time' => ', rinsed off each time',
];
