<?php

declare(strict_types=1);

return [
    'together.and' => '{name} and {name-2}',
    'unknown-enemy.not-listed' => '“{slug}” is no natural enemy that is known; known are {known}.',
    'unknown-sign.not-listed' => '“{slug}” is no known sign; known are {known}.',
    'unknown-sign.no-share' => '“{word}” says nothing of how often a sign is there; known are {known}.',
    'unknown-trouble.not-listed' => '“{slug}” is no known trouble; known are {known}.',
];
