<?php

declare(strict_types=1);

return [
    'today' => 'Today',
    'spray-day' => 'Spray day',
    'into-the-bed' => 'Into the bed',
    'bench' => 'Bench',
    'batches' => 'Batches',
    'label' => 'Label',
    'write-a-recipe' => 'Write a recipe',
    'compare-two-recipes' => 'Compare two recipes',
    'percent-and-parts' => 'Percent and parts',
    'plants' => 'Plants',
    'keep-many-clean' => 'Keep many plants clean',
    'season-in-five-minutes' => 'A season in five minutes',
    'train-your-eye' => 'Train your eye',
    'what-is-it' => 'What is it?',
    'trials' => 'Trials',
    'what-worked' => 'What worked',
    'shed' => 'Shed',
    'what-can-i-make' => 'What can I make?',
];
