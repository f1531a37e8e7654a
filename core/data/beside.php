<?php

declare(strict_types=1);

/*
 * What helps beside a spray and is got or bought: the troubles that it is `against`, the `sites` where it is of use, and whether it is an
 * `enemy` of theirs that is set out. Cards outdoors catch friends too; enemies fly off where nothing holds them. Common practice, no source.
 */
return [
    'yellow-cards' => ['against' => ['whitefly', 'fungus-gnats', 'leaf-miner'], 'sites' => ['indoors', 'glasshouse'], 'enemy' => false, 'source' => 'practice'],
    'blue-cards' => ['against' => ['thrips'], 'sites' => ['indoors', 'glasshouse'], 'enemy' => false, 'source' => 'practice'],
    'netting' => ['against' => ['caterpillars', 'leaf-beetles', 'leaf-miner'], 'sites' => ['outdoors'], 'enemy' => false, 'source' => 'practice'],
    'slug-traps' => ['against' => ['slugs'], 'sites' => ['outdoors', 'glasshouse'], 'enemy' => false, 'source' => 'practice'],
    'bacillus' => ['against' => ['caterpillars', 'fungus-gnats'], 'sites' => ['outdoors', 'indoors', 'glasshouse'], 'enemy' => false, 'source' => 'practice'],
    'nematodes' => ['against' => ['fungus-gnats', 'grubs', 'slugs', 'thrips'], 'sites' => ['outdoors', 'indoors', 'glasshouse'], 'enemy' => true, 'source' => 'practice'],
    'predatory-mites' => ['against' => ['spider-mites', 'thrips', 'broad-mites'], 'sites' => ['glasshouse'], 'enemy' => true, 'source' => 'practice'],
    'parasitic-wasps' => ['against' => ['whitefly'], 'sites' => ['glasshouse'], 'enemy' => true, 'source' => 'practice'],
    'mealybug-ladybirds' => ['against' => ['mealybugs'], 'sites' => ['glasshouse'], 'enemy' => true, 'source' => 'practice'],
    'lacewing-grubs' => ['against' => ['aphids'], 'sites' => ['glasshouse'], 'enemy' => true, 'source' => 'practice'],
    'airing' => ['against' => ['powdery-mildew', 'black-spot', 'early-blight', 'rust'], 'sites' => ['outdoors', 'indoors', 'glasshouse'], 'enemy' => false, 'source' => 'practice'],
];
