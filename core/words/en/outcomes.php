<?php

declare(strict_types=1);

/*
 * What a round did, by outcome; where the limit comes from that decides it is filled in.
 */
return [
    'worked' => 'Worked: {percent} % fewer, from {before} to {after} ({limit} % or more counts as worked; {standing}).',
    'helped' => 'Helped: {percent} % fewer, from {before} to {after} (from {limit} % on; {standing}). Another round is likely needed.',
    'failed' => 'Did not work: {change}, from {before} to {after} (under {limit} % down; {standing}). Change the spray or the way it is put on.',
    'no-count-before' => 'Not judged: no count in the {fresh} before ({standing}).',
    'no-count-since' => 'Not judged: no count since the round before ({standing}).',
    'no-count-after' => 'Not judged yet: count again, {fair}.',
    'too-early' => 'Not judged: it was counted too early. Count again, {fair}.',
    'came-back' => 'Knocked down and came back: {percent} % fewer, from {before} to {after}, then {later} again before the next round (half of what it was is back; {standing}). Repeat it sooner.',
    'control-fell' => 'Not judged: the plant left alone lost more than half by itself, so nothing can be said of the spray ({standing}).',
    'step' => 'One step of a programme: its fair look lies after the next round, so the programme is judged as a whole ({standing}).',
    'none-before' => 'Not judged: there was none before, so nothing could come down.',
    'too-few' => 'Not judged: with fewer than {fewest} before, chance decides ({standing}).',
    'untreated-too-few' => 'Not judged: nothing was counted before it was sprayed, and with fewer than {control} on the plant left alone there is nothing to compare with ({standing}).',
];
