<?php

declare(strict_types=1);

/*
 * Natural enemies: which of the screens' drawings shows them, how many of a trouble one of them holds down while they are there (`eats`), and how many days a way of working goes on
 * hurting them, 0 where it hurts only what it wets (`hurt`). Of mummies it is how many aphids for each swollen one: where one in ten is
 * swollen, the wasps are ahead. Handbooks of growing under glass, from memory, and coarse.
 */
return [
    'ladybirds' => ['drawing' => 'ladybird', 'eats' => ['aphids' => 50.0], 'hurt' => ['soap' => 0, 'detergent' => 0, 'oil' => 0, 'egg-oil' => 0, 'alcohol' => 0, 'essential' => 3, 'neem' => 7], 'source' => 'enemies'],
    'lacewings' => ['drawing' => 'lacewing', 'eats' => ['aphids' => 50.0, 'mealybugs' => 10.0, 'thrips' => 10.0, 'whitefly' => 10.0], 'hurt' => ['soap' => 0, 'detergent' => 0, 'oil' => 0, 'egg-oil' => 0, 'alcohol' => 0, 'essential' => 3, 'neem' => 7], 'source' => 'enemies'],
    'hoverfly-grubs' => ['drawing' => 'hovergrub', 'eats' => ['aphids' => 50.0], 'hurt' => ['soap' => 0, 'detergent' => 0, 'oil' => 0, 'egg-oil' => 0, 'alcohol' => 0, 'essential' => 3, 'neem' => 7], 'source' => 'enemies'],
    'mummies' => ['drawing' => 'mummy', 'eats' => ['aphids' => 10.0], 'hurt' => ['oil' => 0, 'egg-oil' => 0, 'essential' => 3], 'source' => 'enemies'],
    'predatory-mites' => ['drawing' => 'rovemite', 'eats' => ['spider-mites' => 10.0, 'thrips' => 5.0], 'hurt' => ['soap' => 0, 'detergent' => 0, 'oil' => 3, 'egg-oil' => 3, 'alcohol' => 0, 'essential' => 3, 'neem' => 3], 'source' => 'enemies'],
    'spiders' => ['drawing' => 'spider', 'eats' => [], 'hurt' => ['soap' => 0, 'detergent' => 0, 'oil' => 0, 'essential' => 3], 'source' => 'practice'],
    'others' => ['drawing' => 'ground-beetle', 'eats' => [], 'hurt' => ['soap' => 0, 'detergent' => 0, 'oil' => 0, 'egg-oil' => 0, 'essential' => 3], 'source' => 'practice'],
];
