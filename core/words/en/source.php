<?php

declare(strict_types=1);

return [
    'source.written-down-from-memory' => ' (written down from memory)',
    'standing.common-practice' => 'common practice, no source',
    'standing.ours' => 'our own limit',
    'unknown-source.not-listed' => 'There is no source “{key}” in the catalogue of sources.',
];
