<?php

declare(strict_types=1);

return [
    'unknown-tolerance.not-listed' => '“{slug}” is no known plant tolerance class; known are {known}.',
];
