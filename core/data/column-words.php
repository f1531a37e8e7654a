<?php

declare(strict_types=1);

/*
 * What the columns of a record are called when somebody reads what it was before; what is not here is not told.
 */
return [
    'name' => 'Name',
    'kind' => 'Kind',
    'tolerance' => 'Leaf',
    'place' => 'Place',
    'size' => 'Size',
    'notes' => 'Notes',
    'bears_no_oil' => 'Bears no oil',
    'indoors' => 'Indoors',
    'bloom_from' => 'In flower from',
    'bloom_until' => 'In flower until',
    'harvest_on' => 'Picked on',
    'retired_at' => 'Put away',
    'amount' => 'Holds',
    'unit' => 'Unit of what it holds',
    'step' => 'From one mark to the next',
    'calibration' => 'Measured',
    'largest_fill_ml' => 'Largest fill in mL',
    'left_behind_ml' => 'Left behind in mL',
    'pours' => 'Poured marks, in mL and mm',
    'made_at' => 'Made',
    'keeping' => 'Kept',
    'stand_test' => 'Glass',
    'discarded_at' => 'Thrown away',
    'plant_id' => 'Number of the plant',
    'batch_id' => 'Number of the batch',
    'leaves' => 'Leaves',
    'wait_hours' => 'Wait in hours',
    'applied_at' => 'Wetted',
    'read_at' => 'Looked at',
    'reactions' => 'Leaves looked',
    'sprayed_at' => 'Sprayed',
    'hand_work' => 'Hand work the same day',
    'counted_at' => 'Counted',
    'value' => 'Count',
    'untreated' => 'On the untreated plant',
    'closed_at' => 'Closed',
    'conclusion' => 'What came of it',
    'kitchen' => 'Spoons and cups here are',
    'by_eye' => 'Measured by eye, in mL',
];
