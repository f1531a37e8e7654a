<?php

declare(strict_types=1);

/*
 * What it costs that one thing stands in for another, by code.
 */
return [
    'detergent-for-soap' => 'It is the stronger of the two and strips wax: test two leaves.',
    'only-holds' => 'It holds the oil and wets, and kills nothing by itself.',
    'soap-for-detergent' => 'Hard water takes some of it.',
    'other-oil' => 'It smothers as well, and is as heavy on leaves.',
    'kitchen-for-refined' => 'It is heavier on leaves: test two first.',
    'other-scent' => 'It masks with another scent.',
    'other-soda' => 'It works as well, and brings another salt: do not use it twice as often for that.',
];
