<?php

declare(strict_types=1);

/*
 * What is done before any spray, and when: `kinds` of trouble that it is for, beside the troubles that name it themselves; `place`
 * where, `hours` after the case was opened. `on` is which plants bear it, where not all do; `instead` names the step that it stands in for on
 * those that do not. All of it common practice.
 */
return [
    'water-first' => ['kinds' => ['insect', 'mite', 'fungus'], 'place' => 'any', 'hours' => 0, 'on' => ['dry'], 'source' => 'practice'],
    'bin' => ['kinds' => [], 'place' => 'any', 'hours' => 0, 'source' => 'practice'],
    'isolate' => ['kinds' => ['insect', 'mite', 'fungus'], 'place' => 'indoors', 'hours' => 0, 'source' => 'practice'],
    'quarantine' => ['kinds' => ['insect', 'mite'], 'place' => 'indoors', 'hours' => 24, 'source' => 'practice'],
    'cut-out' => ['kinds' => ['insect', 'mite', 'fungus'], 'place' => 'any', 'hours' => 0, 'source' => 'practice'],
    'water-jet' => ['kinds' => [], 'place' => 'any', 'hours' => 0, 'on' => ['sturdy'], 'source' => 'practice'],
    'soft-shower' => ['kinds' => [], 'place' => 'any', 'hours' => 0, 'on' => ['tender', 'seedling'], 'instead' => 'water-jet', 'source' => 'practice'],
    'soft-brush' => ['kinds' => [], 'place' => 'any', 'hours' => 0, 'on' => ['hairy'], 'instead' => 'water-jet', 'source' => 'practice'],
    'hand-pick' => ['kinds' => [], 'place' => 'any', 'hours' => 0, 'source' => 'practice'],
    'pick-at-dusk' => ['kinds' => [], 'place' => 'outdoors', 'hours' => 12, 'source' => 'practice'],
    'wipe' => ['kinds' => [], 'place' => 'indoors', 'hours' => 0, 'source' => 'practice'],
    'break-webs' => ['kinds' => [], 'place' => 'any', 'hours' => 0, 'source' => 'practice'],
    'brush-bark' => ['kinds' => [], 'place' => 'outdoors', 'hours' => 0, 'source' => 'practice'],
    'strip-spots' => ['kinds' => [], 'place' => 'any', 'hours' => 0, 'source' => 'practice'],
    'water-soil' => ['kinds' => [], 'place' => 'outdoors', 'hours' => 0, 'source' => 'practice'],
    'dry-out' => ['kinds' => [], 'place' => 'any', 'hours' => 0, 'source' => 'practice'],
    'change-soil' => ['kinds' => [], 'place' => 'indoors', 'hours' => 48, 'source' => 'practice'],
    'turn-bed' => ['kinds' => [], 'place' => 'outdoors', 'hours' => 0, 'on' => ['empty-bed'], 'source' => 'practice'],
    'less-feed' => ['kinds' => [], 'place' => 'any', 'hours' => 24, 'source' => 'practice'],
    'ants' => ['kinds' => [], 'place' => 'outdoors', 'hours' => 24, 'source' => 'practice'],
    'look-again' => ['kinds' => ['insect', 'mite', 'fungus', 'soil', 'other'], 'place' => 'any', 'hours' => 72, 'source' => 'practice'],
];
