<?php

declare(strict_types=1);

/*
 * Why a date is not the one that was planned, by code.
 */
return [
    'too-soon' => 'Later than you chose: a leaf does not bear it again before that.',
    'in-turn' => 'Another day: it is the turn of the other spray, and its days count.',
    'cool' => 'Later: in the cool they develop slowly, and the rounds follow that.',
    'washed-off' => 'Earlier: rain washed the last round off.',
    'one-clean-look' => 'Later: the last look was clean. One more, and it ends; one quiet week is not the end.',
    'two-clean-looks' => 'Two clean looks a week apart: no more rounds. Look at new growth now and again.',
    'leaf-test' => 'Later: a leaf test runs until then.',
    'burnt' => 'Later: its leaves burnt. Nothing else goes on it until then; look at it on day 3 and day 7.',
    'insects-out' => 'Later: insects were set out on it. What wets the pest wets them, too.',
    'in-bloom' => 'Later: it is in bloom until then, and bees visit open flowers. Meanwhile by hand: hose, pick or wipe.',
    'dry-root' => 'Later: it is dry at the root. Water it today, spray it tomorrow.',
    'own-days' => 'Another day: the nearest on which you have time.',
    'no-good-hour' => 'Later: before that, no hour is good or workable while you can see what you spray.',
    'no-hour-this-week' => 'Later: the forecast holds no hour for it. Ask again then.',
    'by-hand' => 'You moved it: {said}',
    'skipped' => 'You skipped one: {said}',
];
