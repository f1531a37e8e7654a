<?php

declare(strict_types=1);

/*
 * True soap with little water in it, grated and weighed: some four fifths of it is soap (common practice, no source).
 */
return [
    'rank' => 55,
    'substance' => 'true-soap',
    'density' => ['value' => 1.03, 'unit' => 'g/mL', 'source' => 'practice'],
    'active' => ['value' => 0.8, 'unit' => 'g/g', 'source' => 'practice'],
    'critical' => ['value' => 0.3206, 'unit' => 'g/L', 'source' => 'soap-chemistry'],
    'stand_ins' => [['with' => 'castile-soap', 'times' => 2.0, 'cost' => 'soap-for-detergent']],
];
