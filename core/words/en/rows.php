<?php

declare(strict_types=1);

/*
 * A plant as a strip of time, in words: what it says to whoever does not see it, and in three words beside its name.
 */
return [
    'counts' => '{trouble}: {counts}.',
    'counts-more' => '{trouble}: {counts}; {many} counts in all.',
    'uncounted' => '{trouble}: not counted.',
    'rounds.0' => 'No round.',
    'rounds.1' => 'One round, {day}.',
    'rounds.many' => '{many} rounds, the last on {day}.',
    'burn' => 'Leaves burnt, seen on {day}: {share} %.',
    'test.clean' => 'Leaf test with {spray}: clean.',
    'test.marked' => 'Leaf test with {spray}: marks.',
    'test.open' => 'Leaf test with {spray}: not read to the end.',
    'act.count-after' => 'Count {trouble}',
    'act.read-leaf-test' => 'Look at the test leaves',
    'act.look-over' => 'Look it over',
    'act.look-at-burn' => 'Look at the burnt leaves',
    'act.next-round' => 'Spray {trouble} again',
    'act.first-round' => 'Spray {trouble}',
    'act.decide' => 'Decide on {trouble}',
    'due' => '{act}: due since {day}.',
    'due-today' => '{act}: due now.',
    'later' => '{act}: {day}, {hour}.',
    'hours.good' => 'Next good hours: {from} to {to}.',
    'hours.workable' => 'Next workable hours: {from} to {to}.',
    'end.bloom' => 'In bloom until {day}.',
    'end.rest' => 'Rests until {day}, its leaves were burnt.',
    'end.harvest' => 'Harvest on {day}.',
    'end.batch' => 'What is mixed is good until {day}, {hour}.',
    'trend.uncounted' => '{trouble}, not counted',
    'trend.once' => '{trouble}, counted once',
    'trend.gone' => '{trouble}, none left',
    'trend.falling' => '{trouble}, falling',
    'trend.same' => '{trouble}, the same',
    'trend.rising' => '{trouble}, rising',
    'closed' => 'closed on {day}',
    'clean-since' => 'clean since {day}',
    'nothing' => 'nothing on it',
    'apart' => 'stands apart',
    'stands-apart' => 'It stands apart from the others.',
];
