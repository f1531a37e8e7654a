<?php

declare(strict_types=1);

/*
 * What is done in the bed, by kind of step: what is read at a metre, and what stands below it; of a plant, and of how it is put on, by use.
 * All of it common practice.
 */
return [
    'protect' => ['say' => 'Gloves and glasses on.', 'more' => 'Wind at your back, nobody and no pets near. Do not breathe the mist.'],
    'knock-back' => ['say' => 'Knock it back by hand first.', 'more' => '{chores} {plants}'],
    'chores' => ['say' => 'Water jet, wiping, brushing, picking: a spray works far better on few than on many.', 'more' => ''],
    'check' => ['say' => 'Turn it over and look.', 'more' => 'No ring, no beads of oil. {batch}, mixed {mixed}.'],
    'check/plain' => ['say' => 'Look at it.', 'more' => 'Clear, or evenly cloudy; nothing at the bottom. {batch}, mixed {mixed}.'],
    'mix' => ['say' => 'Mix load {load} of {loads}: {volume}.', 'more' => '{spoons}'],
    'fill' => ['say' => 'Fill load {load} of {loads}: {volume}.', 'more' => 'From what stands mixed: stir it first. {spoons}'],
    'fill/bucket' => ['say' => 'Stir the bucket, and fill the sprayer from it.', 'more' => 'When it runs empty, stir and fill it again from the same: nothing new is mixed.'],
    'shake' => ['say' => 'Close it and shake hard.', 'more' => '{again}'],
    'shake/swirled' => ['say' => 'Close it and swirl it until it is even.', 'more' => '{again}'],
    'shake/spot' => ['say' => 'Close the jar and turn it over once.', 'more' => 'No more is needed for a swab.'],
    'stir' => ['say' => 'Stir it; do not close it.', 'more' => 'Gas bursts what is closed.'],
    'stir/by-hand' => ['say' => 'Pour some into a bowl and stir it.', 'more' => 'A soft brush or a sponge; stir again before each plant.'],
    'stir/drench' => ['say' => 'Stir it well.', 'more' => 'A can or a bucket stands open. {again}'],
    'plant' => ['say' => '{plant}: from the bottom up, undersides first.', 'more' => 'Plant {number} of {of}. Joints, stems and tips, to the drip. {move}'],
    'plant/run-off' => ['say' => '{plant}: from the bottom up, undersides first.', 'more' => 'Plant {number} of {of}. Joints, stems and tips, until it runs off. {move}'],
    'plant/oil' => ['say' => '{plant}: from the bottom up, undersides first.', 'more' => 'Plant {number} of {of}. Joints, stems and tips. Touch a leaf: a fingertip that comes away shiny means too much, so wipe or sponge that off. {move}'],
    'plant/mist' => ['say' => '{plant}: the finest mist, undersides first.', 'more' => 'Plant {number} of {of}. No splotches. Touch a leaf: a fingertip that comes away shiny means too much, so wipe or sponge that off. {move}'],
    'plant/by-hand' => ['say' => '{plant}: brush or sponge every leaf, undersides first.', 'more' => 'Plant {number} of {of}. Both sides, stems and joints. Wring out or re-wet between leaves, and rinse the brush, so that nothing is carried on.'],
    'plant/drench' => ['say' => '{plant}: pour slowly around it.', 'more' => 'Plant {number} of {of}. Stir again while you pour; in a pot until it runs out below, in a bed a hand deep.'],
    'plant/dormant' => ['say' => '{plant}: all the wood, to the drip.', 'more' => 'Plant {number} of {of}. Bark, buds and forks from all sides, while no leaf is out. {move}'],
    'plant/spot' => ['say' => '{plant}: touch each insect with the swab.', 'more' => 'Plant {number} of {of}. Joints, undersides, the rim of the pot; a fresh swab when it is soiled.'],
    'how' => ['say' => 'Undersides first, from the bottom up. No sun on wet leaves, no open flowers.', 'more' => ''],
    'how/drench' => ['say' => 'Pour it slowly onto the soil; no leaf is wetted.', 'more' => ''],
    'how/dormant' => ['say' => 'All the wood, to the drip. Dry bark, and no frost for two days.', 'more' => ''],
    'how/spot' => ['say' => 'Touch each insect with the swab, in the joints and under the leaves.', 'more' => ''],
    'soak' => ['say' => 'Let it soak for {minutes} minutes.', 'more' => 'Out of the sun. The time runs on while this is shut.'],
    'brush' => ['say' => 'Brush every leaf, both sides.', 'more' => 'A soft brush, along the grooves: it breaks up webs and lifts what sits tight. Re-wet and rinse it between leaves.'],
    'second-soak' => ['say' => 'Let it soak for {minutes} minutes more.', 'more' => 'What the brush loosened is met once more.'],
    'aftercare' => ['say' => 'And afterwards.', 'more' => '{care}'],
    'rinse' => ['say' => 'Rinse with clean water.', 'more' => 'The pot, too: oil makes dry soil shed water.'],
    'wash' => ['say' => 'Wash the sprayer.', 'more' => 'Warm soapy water, through the nozzle as well; then clean water.'],
    'move/shaken' => ['say' => 'Shake before you go on.', 'more' => ''],
    'move/swirled' => ['say' => 'Swirl it before you go on.', 'more' => ''],
    'move/stirred' => ['say' => 'Stir it before you go on.', 'more' => ''],
    'again/swirled' => ['say' => 'Swirl again every {interval} while you spray.', 'more' => ''],
    'again' => ['say' => 'Shake again every {interval} while you spray.', 'more' => ''],
    'wash/spot' => ['say' => 'Close the jar.', 'more' => 'Soiled swabs go into the bin; the jar keeps its label.'],
    'wash/drench' => ['say' => 'Rinse the can.', 'more' => 'Clean water, out onto bare soil.'],
    'again/drench' => ['say' => 'Stir again every {interval} while you pour.', 'more' => ''],
    'again/spot' => ['say' => 'Turn the jar over again every {interval}.', 'more' => ''],
    'rest' => ['say' => 'What is left of it?', 'more' => '{rest}'],
];
