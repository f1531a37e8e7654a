<?php

declare(strict_types=1);

return [
    'calibration.count-of-spoons' => 'A count of spoons',
    'calibration.what-was-filled-or-weighed' => 'What was filled or weighed',
    'graduation.from-one-mark-to-next' => 'From one mark to the next',
];
