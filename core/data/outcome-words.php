<?php

declare(strict_types=1);

/*
 * What a round did, by outcome. The lines are our own.
 */
return [
    'worked' => 'Worked: {percent} % fewer, from {before} to {after} ({limit} % or more counts as worked; our own limit).',
    'helped' => 'Helped: {percent} % fewer, from {before} to {after} (from {limit} % on; our own limit). Another round is likely needed.',
    'failed' => 'Did not work: {change}, from {before} to {after} (under {limit} % down; our own limit). Change the spray or the way it is put on.',
    'no-count-before' => 'Not judged: no count in the {fresh} before ({standing}).',
    'no-count-since' => 'Not judged: no count since the round before (common practice, no source).',
    'no-count-after' => 'Not judged yet: count again, {fair}.',
    'too-early' => 'Not judged: it was counted too early. Count again, {fair}.',
    'came-back' => 'Knocked down and came back: {percent} % fewer, from {before} to {after}, then {later} again before the next round (half of what it was is back; our own limit). Repeat it sooner.',
    'control-fell' => 'Not judged: the plant left alone lost more than half by itself, so nothing can be said of the spray (common practice, no source).',
    'step' => 'One step of a programme: its fair look lies after the next round, so the programme is judged as a whole (common practice, no source).',
    'none-before' => 'Not judged: there was none before, so nothing could come down.',
    'too-few' => 'Not judged: with fewer than {fewest} before, chance decides (common practice, no source).',
    'untreated-too-few' => 'Not judged: nothing was counted before it was sprayed, and with fewer than {control} on the plant left alone there is nothing to compare with (common practice, no source).',
];
