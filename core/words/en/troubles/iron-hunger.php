<?php

declare(strict_types=1);

return [
    'name' => 'Hunger for iron',
    'matters' => 'The newest leaves turn yellow between green veins, mostly in soil with lime: feed for plants that dislike lime, soft water.',
];
