<?php

declare(strict_types=1);

/*
 * What a case can be about. `unit` is what is counted. All of it common practice.
 */
return [
    'aphids' => ['name' => 'Aphids', 'unit' => 'aphids on the tips you chose', 'source' => 'practice'],
    'mealybugs' => ['name' => 'Mealybugs', 'unit' => 'white tufts on the plant', 'source' => 'practice'],
    'spider-mites' => ['name' => 'Spider mites', 'unit' => 'specks on white paper after ten taps', 'source' => 'practice'],
    'flat-mites' => ['name' => 'Flat mites', 'unit' => 'specks on white paper after ten taps', 'source' => 'practice'],
    'scale' => ['name' => 'Scale', 'unit' => 'living domes on the stems you chose', 'source' => 'practice'],
    'whitefly' => ['name' => 'Whitefly', 'unit' => 'flies under the leaves you chose', 'source' => 'practice'],
    'thrips' => ['name' => 'Thrips', 'unit' => 'thrips on white paper after ten taps', 'source' => 'practice'],
    'leaf-beetles' => ['name' => 'Leaf beetles', 'unit' => 'grubs and beetles on the plant', 'source' => 'practice'],
    'caterpillars' => ['name' => 'Caterpillars', 'unit' => 'caterpillars on the plant', 'source' => 'practice'],
    'slugs' => ['name' => 'Slugs and snails', 'unit' => 'slugs and snails at dusk', 'source' => 'practice'],
    'fungus-gnats' => ['name' => 'Fungus gnats', 'unit' => 'flies on a yellow card after a day', 'source' => 'practice'],
    'grubs' => ['name' => 'Grubs and wireworm', 'unit' => 'grubs in a spade of soil', 'source' => 'practice'],
    'blister-mites' => ['name' => 'Blister mites', 'unit' => 'blistered leaves', 'source' => 'practice'],
    'overwintering-eggs' => ['name' => 'Overwintering eggs', 'unit' => 'egg clusters on the wood you chose', 'source' => 'practice'],
    'powdery-mildew' => ['name' => 'Powdery mildew', 'unit' => 'leaves with white film', 'source' => 'practice'],
    'early-blight' => ['name' => 'Early blight', 'unit' => 'leaves with ringed spots', 'source' => 'practice'],
    'black-spot' => ['name' => 'Black spot', 'unit' => 'spotted leaves', 'source' => 'practice'],
    'rust' => ['name' => 'Rust', 'unit' => 'leaves with rust', 'source' => 'practice'],
];
