<?php

declare(strict_types=1);

return [
    'choose.plant-tolerance-class' => 'plant tolerance class',
    'choose.no-stage-of-its-stages' => '{found} is no stage of {name}; its stages are {stages}.',
    'compose.at-most-lines-are-read' => 'At most {most-lines} lines are read, found {found}.',
    'diagnose.cannot-be-seen-and-be' => '{found} cannot be seen and be absent at once.',
    'diagnose.nothing-fits-yet-this-look' => 'Nothing fits yet: this look is expected to tell most.',
    'diagnose.yes-speaks-for-no-speaks' => 'Yes speaks for: {yes}. No speaks for: {no}.',
    'hours-reader.plant-tolerance-class' => 'plant tolerance class',
    'leaf-photos.before' => 'Before: {doubt}',
    'leaf-photos.counted-on-this-picture-alone' => 'Counted on this picture alone: what was there before the spray counts as well.',
    'leaf-photos.what-was-there-before-spray' => 'What was there before the spray is taken off.',
    'shelf-reader.bottles' => 'bottles',
    'course-reader.stage' => 'stage',
    'course-reader.kind-of-record' => 'kind of record',
    'course-reader.records' => 'records',
    'air-reader.expected-to-c-found' => 'Expected {coldest-air} to {hottest-air} °C, found {found}.',
    'course-reader.plant-tolerance-class' => 'plant tolerance class',
    'worked-reader.no-shipped-spray-say-with' => '{found} is no shipped spray: say with fairLookHours after how many hours it may be judged.',
    'forecast-reader.counts' => 'counts',
    'forecast-reader.rounds' => 'rounds',
    'forecast-reader.days' => 'days',
    'forecast-reader.too-far' => '{found} is not between the first count, {first}, and {days} days from it.',
    'forecast-reader.does-not-multiply' => 'How {found} multiplies is not known; it is of {known}.',
    'gate-reader.leaf-tests' => 'leaf tests',
    'gate-reader.way-of-ticking' => 'way of ticking',
    'gate-reader.thing-that-happened' => 'thing that happened since',
    'gate-reader.things-that-happened' => 'things that happened since',
    'gate-reader.number-from-0' => 'expected a number from 0 to {most}',
];
