<?php

declare(strict_types=1);

/*
 * By what a round was reckoned, and what can be said without a comparison.
 */
return [
    'abbott' => 'Held against the plant left alone, which had {ca} then.',
    'henderson-tilton' => 'Held against the plant left alone, which went from {cb} to {ca}.',
    'before-after' => 'No plant was left alone: by itself it might have gone to between {least} and {most} in that time.',
    'interval' => 'The truth lies between {low} and {high} % fewer, 19 times of 20.',
];
