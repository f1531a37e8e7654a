<?php

declare(strict_types=1);

/*
 * What a round did, by outcome; where the limit comes from that decides it is filled in.
 */
return [
    'worked' => 'It worked: {percent} % fewer, from {before} to {after}. From {limit} % on a round counts as worked.',
    'helped' => 'It helped: {percent} % fewer, from {before} to {after}, where {limit} % is the least. Another round is likely needed.',
    'failed' => 'It did not work: {change}, from {before} to {after}, where {limit} % fewer is the least. Change the spray, or how you put it on.',
    'no-count-before' => 'Not judged: nobody counted in the {fresh} before.',
    'no-count-since' => 'Not judged: nobody counted since the round before.',
    'no-count-after' => 'Not judged yet: count again, {fair}.',
    'too-early' => 'Not judged: it was counted too early. Count again, {fair}.',
    'came-back' => 'It came back: {percent} % fewer, from {before} to {after}, then {later} again before the next round. Repeat it sooner.',
    'control-fell' => 'Not judged: the plant left alone lost more than half by itself, so nobody can say what the spray did.',
    'step' => 'One step of several: all are judged at the end.',
    'none-before' => 'Not judged: there was none before, so none could go.',
    'too-few' => 'Not judged: with fewer than {fewest} before, chance decides.',
    'untreated-too-few' => 'Not judged: nobody counted before, and fewer than {control} on the plant left alone compare with nothing.',
];
