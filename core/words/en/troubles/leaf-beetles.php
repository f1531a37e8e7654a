<?php

declare(strict_types=1);

return [
    'name' => 'Leaf beetles',
    'matters' => 'Pick by hand; neem puts larvae off feeding.',
    'counted' => 'grubs and beetles on five plants',
    'look' => 'Five plants of the row, both sides of every leaf.',
    'look_stages' => ['eggs' => 'egg clusters', 'larvae' => 'grubs', 'adults' => 'beetles'],
];
