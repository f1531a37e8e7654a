<?php

declare(strict_types=1);

return [
    'method-reader.word' => 'word',
    'method-reader.chore' => 'hand work',
    'method-reader.chores' => 'things to do by hand',
    'method-reader.slugs' => 'slugs',
    'method-reader.rhythm' => 'rhythm other than days',
    'costs.once' => 'One evening',
    'costs.often' => 'A few minutes, {days}',
    'costs.rounds' => 'Up to {rounds} evenings, {days}',
    'costs.clear' => '{evenings}.',
    'costs.untested' => '{evenings}; three test leaves first.',
    'often.once' => 'once',
    'often.never' => 'not',
    'often.daily' => 'daily',
    'often.every' => 'every {days} days',
    'often.always' => '{days}.',
    'often.heavy' => '{days}, when it is bad {heavy}.',
    'often.each' => '{light} when it is light, {moderate} when moderate, {heavy} when bad.',
    'often.in-a-row' => 'No more than {rounds} in a row.',
    'often.prevention' => 'As prevention {days}.',
    'often.no-prevention' => 'Not as prevention.',
    'soak.brushed' => 'Let it soak {minutes} minutes, brush every leaf on both sides, and rinse.',
    'soak.rinsed' => 'Rinse with clean water after {minutes} minutes.',
    'soak.next-day' => 'Rinse with clean water the day after each round.',
];
