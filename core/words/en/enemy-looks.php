<?php

declare(strict_types=1);

/*
 * How each is known.
 */
return [
    'ladybirds' => 'Round beetles with dots; grubs grey and long with yellow patches, six legs, quick.',
    'lacewings' => 'Green flies with veined wings; grubs pale brown with two curved jaws; white eggs on threads.',
    'hoverfly-grubs' => 'Flat maggots without legs, green or brown, one end pointed, among aphids.',
    'mummies' => 'Aphids like little brown or black balls that do not move, some with a round hole: a wasp grew in them.',
    'predatory-mites' => 'Through a lens: pear-shaped, shining, without dots, and running where spider mites sit.',
    'spiders' => 'Eight legs and a round web, or hunting on foot; not the fine webs that mites spin.',
    'others' => 'Ground beetles, earwigs, small wasps, bugs with a long beak: any that you saw eat a pest or lay eggs in one.',
];
