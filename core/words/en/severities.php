<?php

declare(strict_types=1);

/*
 * What to do first, by how bad it is (common practice, no source).
 */
return [
    'light' => 'Light: wipe, pick or wash them off and look again in two or three days. A spray is hardly worth it yet.',
    'moderate' => 'Moderate: knock them back by hand first, then spray. A spray works far better on a thinned population.',
    'heavy' => 'Heavy: cut out what is beyond help, bin it, knock back the rest, then spray. If the plant can be had again, a clean cutting or the bin may be the better answer.',
    'fungus-light' => 'Light: strip the spotted leaves, bin them, water the soil and not the leaf.',
    'fungus-moderate' => 'Moderate: strip the worst leaves first, then spray what is still clean.',
    'fungus-heavy' => 'Heavy: strip all spotted leaves and pick up what fell; a spray only keeps clean leaves clean.',
];
