<?php

declare(strict_types=1);

return [
    'interval.number-of-trials' => 'the number of trials',
    'invalid-count.negative' => '{what} must be 0 or more, found {value}.',
    'invalid-count.zero' => '{what} must be above 0: nothing can be compared with none.',
    'invalid-count.more-than-all' => '{some} of {all} is not possible.',
    'leaf-counts.number-of-leaves' => 'the number of leaves',
    'leaf-counts.count-of-leaf' => 'the count of a leaf',
    'look-plans.nothing-that-counted' => '{pest} is nothing that is counted.',
    'look-reader.say-either-total-or-what' => 'Say either a total or what is on each spot, not both: {found} stands beside a list.',
    'look-reader.there-cannot-be-more-of' => 'There cannot be more of all stages together than there are in all: {stages} of {round}.',
    'reduction.count-before' => 'the count before',
    'reduction.count-after' => 'the count after',
    'reduction.untreated-count' => 'the untreated count',
    'reduction.treated-count' => 'the treated count',
    'reduction.treated-count-before' => 'the treated count before',
    'reduction.untreated-count-after' => 'the untreated count after',
    'reduction.treated-count-after' => 'the treated count after',
    'reduction.untreated-count-before' => 'the untreated count before',
    'student.number-of-degrees-of-freedom' => 'the number of degrees of freedom',
];
