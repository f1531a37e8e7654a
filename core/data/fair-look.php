<?php

declare(strict_types=1);

/*
 * Hours from spraying to the first look that may judge it.
 */
return [
    'contact' => ['value' => 24, 'unit' => 'h', 'source' => 'practice'],
    'neem' => ['value' => 72, 'unit' => 'h', 'source' => 'practice'],
    'egg' => ['value' => 72, 'unit' => 'h', 'source' => 'practice'],
    'soda' => ['value' => 168, 'unit' => 'h', 'source' => 'house'],
];
