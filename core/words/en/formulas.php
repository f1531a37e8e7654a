<?php

declare(strict_types=1);

/*
 * By what a round was reckoned, and what can be said without a comparison.
 */
return [
    'abbott' => 'Against the plant left alone, which had {ca} then (Abbott 1925).',
    'henderson-tilton' => 'Against the plant left alone, from {cb} to {ca} (Henderson and Tilton 1955).',
    'before-after' => 'Before and after, without a comparison: by itself it might have gone to between {least} and {most} in that time (our own figures).',
    'interval' => 'The true figure lies between {low} and {high} % down, 19 times of 20 (negative binomial).',
];
