<?php

declare(strict_types=1);

/*
 * What has to pass before or after spraying, in words; {much} is how long. All of it common practice.
 */
return [
    'out-of-sun' => ['text' => 'Keep the plant out of the sun for {much}.', 'unit' => 'day'],
    'look-after' => ['text' => 'Look again after {much}.', 'unit' => 'day'],
    'no-frost' => ['text' => 'No frost may be due for {much}.', 'unit' => 'day'],
    'plant-after' => ['text' => 'Wait {much} before anything is planted.', 'unit' => 'day'],
    'peak-after' => ['text' => 'Taken up by the roots, it is strongest in the leaf after about {much}.', 'unit' => 'day'],
    'use-within' => ['text' => 'Use it up within {much} of mixing.', 'unit' => 'hour'],
    'leaf-test' => ['text' => 'Test two leaves and wait {much} first.', 'unit' => 'hour'],
];
