<?php

declare(strict_types=1);

return [
    'fill-marks.each-pour-must-bring-more' => 'Each pour must bring more water, and stand higher, than the one before.',
    'sprayer-shape.trigger-bottle' => 'trigger bottle',
    'sprayer-shape.pump-can' => 'pump can',
    'sprayer-shape.bucket' => 'bucket or jug, to fill a sprayer from',
    'sprayer-shape.hose-end' => 'hose-end jar',
    'sprayer-shape.watering-can' => 'watering can',
    'sprayer-shape.swab-jar' => 'jar for swabs',
    'too-many-loads.more-than' => 'This would take {loads} fills of the sprayer; at most {limit} are planned. Make less, or use a larger sprayer.',
];
