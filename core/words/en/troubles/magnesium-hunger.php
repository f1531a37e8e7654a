<?php

declare(strict_types=1);

return [
    'name' => 'Hunger for magnesium',
    'matters' => 'The old leaves turn yellow between green veins: feed that has magnesium in it, by its label.',
];
