<?php

declare(strict_types=1);

/*
 * What a round did, by outcome. The lines are our own.
 */
return [
    'worked' => 'Worked: {percent} % fewer, from {before} to {after} ({limit} % or more counts as worked; our own limit).',
    'helped' => 'Helped: {percent} % fewer, from {before} to {after} (from {limit} % on; our own limit). Another round is likely needed.',
    'failed' => 'Did not work: {change}, from {before} to {after} (under {limit} % down; our own limit). Change the spray or the way it is put on.',
    'no-count-before' => 'Not judged: nothing was counted before it was sprayed.',
    'no-count-after' => 'Not judged yet: count again, {fair}.',
    'too-early' => 'Not judged: it was counted too early. Count again, {fair}.',
    'too-few' => 'Not judged: with fewer than {fewest} before, chance decides (our own limit).',
];
