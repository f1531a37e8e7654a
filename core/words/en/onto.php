<?php

declare(strict_types=1);

/*
 * What a spray goes onto, as it stands in a sentence.
 */
return [
    'ordinary-leaf' => 'an ordinary leaf',
    'tough-leaf' => 'a tough leaf',
    'tender-leaf' => 'a tender leaf',
    'wounded-leaf' => 'a wounded leaf',
    'waxy-bloom-leaf' => 'a leaf with waxy bloom',
    'hairy-leaf' => 'a hairy leaf',
    'no-oil-leaf' => 'a leaf that bears no oil',
    'dormant-wood' => 'bare wood',
    'empty-bed' => 'an empty bed',
    'planted-soil' => 'soil with plants in it',
];
