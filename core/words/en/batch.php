<?php

declare(strict_types=1);

return [
    'batch-reader.version-of-batch-not-known' => 'Version {found} of a batch is not known here; this reads version {version}.',
    'batch-reader.mixing-order' => 'mixing order',
    'batch-reader.batch-has-at-least-one' => 'A batch has at least one load.',
    'batch-reader.batch-goes-by-uuid-found' => 'A batch goes by a UUID, found {found}.',
    'batch-record.there-no-load-in-this' => 'There is no load {number} in this batch.',
    'frozen-bench.unit-here' => 'unit here',
    'bottle-line-reader.kind' => 'thing that happened to a mix',
    'bottle-line-reader.ingredient' => 'ingredient',
    'bottle-words.water' => '{volume} of water',
    'history-reader.loads' => 'loads',
    'history-reader.ways-out' => 'ways out',
    'history-reader.thing-in-this-load' => 'thing in this load',
    'history-reader.way-out' => 'way out',
    'history-reader.stand-test-result' => 'stand test result',
    'load-reader.things-to-measure' => 'things to measure',
    'load-reader.ingredient-of-this-batch' => 'ingredient of this batch',
    'load-reader.no-line-of-this-load' => 'No line of this load goes in as {found}.',
    'load-reader.unit-here' => 'unit here',
    'made-reader.most-may-not-be-less' => 'The most may not be less than the least, found {found}.',
    'number-reader.source-of-this-document' => 'source of this document',
];
