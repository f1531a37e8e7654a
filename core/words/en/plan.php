<?php

declare(strict_types=1);

return [
    'plan.there-no-load-in-this' => 'There is no load {number} in this plan.',
];
