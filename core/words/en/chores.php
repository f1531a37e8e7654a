<?php

declare(strict_types=1);

/*
 * What hands do around a spray, each in a sentence. All of it common practice.
 */
return [
    'isolate' => 'Move it away from the others.',
    'shower' => 'Shower it, undersides too.',
    'jet' => 'Wash it off with a jet of water where leaf and pot bear it; seedlings, hairy and tender leaves with a soft shower.',
    'cut' => 'Cut out what is beyond help, and bin it.',
    'prune' => 'Prune first, and bin the cuttings.',
    'strip' => 'Strip spotted leaves and pick up what fell.',
    'wash-off' => 'Wash off what sits there.',
    'wash' => 'Wash the whole plant with plain water.',
    'pick' => 'Pick them off by hand, and crush the eggs.',
    'break-webs' => 'Break the webs first: through them no spray reaches the mites.',
    'brush-bark' => 'Brush off loose bark.',
    'dry-wood' => 'The wood has to be dry, and no frost due for two days.',
    'sponge-dust' => 'Sponge the dust off the leaves.',
    'dead-leaves' => 'Take dead leaves off, in the joints too.',
    'unpot' => 'Look at the roots: white fluff there means out of the pot and wash them.',
    'turn-out' => 'Dig over the empty bed and take out what is seen.',
    'no-saucer' => 'Take the saucer away, so that it can run out below.',
    'empty-saucer' => 'Empty the saucer once it has run out below.',
    'plant-later' => 'Plant after three days; dig and count first.',
    'shade-till-dry' => 'Shade it until it is dry.',
    'out-of-sun' => 'Keep it out of the sun for three days.',
    'moving-air' => 'Let it dry in moving air, not in a cold blast.',
    'air-room' => 'In the evening; air the room.',
    'flush-pot' => 'Flush the pot with clean water, roots kept from the oil.',
    'fresh-soil' => 'Give it fresh soil, or scald the old and let it cool.',
    'clean-pot' => 'Into a clean pot.',
    'swab-daily' => 'Look daily, and touch what moves with a swab.',
];
