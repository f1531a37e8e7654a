<?php

declare(strict_types=1);

/*
 * The day in the garden, in one sentence: when to spray, and what the sky does.
 */
return [
    'spray' => 'Spray between {from} and {to}.',
    'spray-until' => 'Spray until {to}.',
    'spray-any' => 'Spray at any hour.',
    'first' => 'Spray first between {from} and {to}.',
    'unchosen' => 'Choose a spray: its hours follow.',
    'nothing-due' => 'Nothing to spray today.',
    'calm' => 'Calm, {rain}.',
    'windy' => 'Windy, {rain}.',
    'rains-today' => 'rain from {at}',
    'rains-now' => 'it rains',
    'dry-till' => 'dry till {day}',
    'dry-as-told' => 'dry as far as told',
];
