<?php

declare(strict_types=1);

return [
    'name' => 'Weed killer that drifted',
    'matters' => 'No pest: it drifted over, or came with straw or manure. Water it, wait for clean leaves, eat none of it.',
];
