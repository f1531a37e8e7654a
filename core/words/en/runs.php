<?php

declare(strict_types=1);

/*
 * What is done in the bed, by kind of step: what is read at a metre, and what stands below it; of a plant, and of how it is put on, by use.
 * All of it common practice.
 */
return [
    'protect' => ['say' => 'Gloves and glasses on.', 'more' => 'Wind at your back, nobody and no pets near. Do not breathe the mist.'],
    'knock-back' => ['say' => 'Knock it back by hand first.', 'more' => 'Water jet, wiping, brushing, picking: a spray works far better on few than on many. {plants}'],
    'check' => ['say' => 'Turn it over and look.', 'more' => 'No ring, no beads of oil. {batch}, mixed {mixed}.'],
    'check/plain' => ['say' => 'Look at it.', 'more' => 'Clear, or evenly cloudy; nothing at the bottom. {batch}, mixed {mixed}.'],
    'mix' => ['say' => 'Mix load {load} of {loads}: {volume}.', 'more' => '{spoons}'],
    'fill' => ['say' => 'Fill load {load} of {loads}: {volume}.', 'more' => 'From what stands mixed: stir it first. {spoons}'],
    'shake' => ['say' => 'Close it and shake hard.', 'more' => '{again}'],
    'shake/spot' => ['say' => 'Close the jar and turn it over once.', 'more' => 'No more is needed for a swab.'],
    'stir' => ['say' => 'Stir it; do not close it.', 'more' => 'Gas bursts what is closed.'],
    'stir/drench' => ['say' => 'Stir it well.', 'more' => 'A can or a bucket stands open. {again}'],
    'plant' => ['say' => '{plant}: from the bottom up, undersides first.', 'more' => 'Plant {number} of {of}. Joints, stems and tips, to the drip. Shake before you go on.'],
    'plant/drench' => ['say' => '{plant}: pour slowly around it.', 'more' => 'Plant {number} of {of}. Stir again while you pour; wet the soil a hand deep.'],
    'plant/dormant' => ['say' => '{plant}: all the wood, to the drip.', 'more' => 'Plant {number} of {of}. Bark, buds and forks from all sides, while no leaf is out. Shake before you go on.'],
    'plant/spot' => ['say' => '{plant}: touch each insect with the swab.', 'more' => 'Plant {number} of {of}. Joints, undersides, the rim of the pot; a fresh swab when it is soiled.'],
    'how' => ['say' => 'Undersides first, from the bottom up. No sun on wet leaves, no open flowers.', 'more' => ''],
    'how/drench' => ['say' => 'Pour it slowly onto the soil; no leaf is wetted.', 'more' => ''],
    'how/dormant' => ['say' => 'All the wood, to the drip. Dry bark, and no frost for two days.', 'more' => ''],
    'how/spot' => ['say' => 'Touch each insect with the swab, in the joints and under the leaves.', 'more' => ''],
    'soak' => ['say' => 'Let it soak for {minutes} minutes.', 'more' => 'Out of the sun. The time runs on while this is shut.'],
    'brush' => ['say' => 'Brush every leaf, both sides.', 'more' => 'A soft brush, along the grooves: it breaks up webs and lifts what sits tight.'],
    'rinse' => ['say' => 'Rinse with clean water.', 'more' => 'The pot, too: oil makes dry soil shed water.'],
    'wash' => ['say' => 'Wash the sprayer.', 'more' => 'Warm soapy water, through the nozzle as well; then clean water.'],
    'again' => ['say' => 'Shake again every {interval} while you spray.', 'more' => ''],
    'wash/spot' => ['say' => 'Close the jar.', 'more' => 'Soiled swabs go into the bin; the jar keeps its label.'],
    'wash/drench' => ['say' => 'Rinse the can.', 'more' => 'Clean water, out onto bare soil.'],
    'again/drench' => ['say' => 'Stir again every {interval} while you pour.', 'more' => ''],
    'again/spot' => ['say' => 'Turn the jar over again every {interval}.', 'more' => ''],
    'rest' => ['say' => 'What is left of it?', 'more' => '{rest}'],
];
