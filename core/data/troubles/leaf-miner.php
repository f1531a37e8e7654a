<?php

declare(strict_types=1);

return [
    'rank' => 190,
    'kind' => 'insect',
    'commonness' => 2.0,
    'signs' => ['tunnels' => 'u', 'yellow-patches' => 's', 'webs' => 'n', 'honeydew' => 'n'],
    'where' => ['on' => 'spinach beetroot chard lilac holly horse-chestnut chrysanthemum lemon orange citrus pea leek', 'indoors' => false, 'outside' => ['winter' => false]],
    'stages' => ['any'],
    'source' => 'practice',
    'counted' => true,
    'look' => ['spots' => 10, 'spot' => 'leaf', 'stages' => [], 'how' => 'count', 'source' => 'practice'],
    'unsprayed' => ['least' => 0.4, 'most' => 2.0, 'unit' => '1', 'source' => 'house'],
];
