<?php

declare(strict_types=1);

return [
    'unknown-enemy.not-listed' => '“{slug}” is no natural enemy that is known; known are {known}.',
];
