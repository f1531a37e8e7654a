<?php

declare(strict_types=1);

/*
 * What to do when it went wrong, by kind of remedy. {items} are spoonfuls, {water} and {off} volumes, {finished} what then stands in the sprayer.
 */
return [
    'as-it-is' => ['title' => 'Use it as it is', 'text' => 'Whatever went in, it stays within the limits and between three quarters and a third over the planned strength (our own line).'],
    'add-missing' => ['title' => 'Add what is missing', 'text' => 'Add {items}. Then {finished} stand in the sprayer. Shake it again as at the start.'],
    'bigger-batch' => ['title' => 'Make it a bigger batch', 'text' => 'Add {items}, up to the {finished} mark: the same strength as planned, only more of it. Shake it again.'],
    'add-water' => ['title' => 'Add water', 'text' => 'Add {items}. Then {finished} stand in the sprayer. Shake it again.'],
    'pour-off' => ['title' => 'Pour off and top up', 'text' => 'Shake it, pour {off} off into a labelled can, then add {items}, up to the {finished} mark again. What you poured off is as strong as before: no leaf, pond or drain gets it.'],
    'within-limits' => ['title' => 'Use it after a leaf test', 'text' => 'It is not what was planned, and still within the limits: {times} times the planned strength. Test two leaves first; where it is weaker it may not work. Write its strength on the sprayer, not the recipe’s.'],
    'drench' => ['title' => 'Use it as a drench', 'text' => 'It is too strong for leaves, and no stronger than what is drenched into empty beds. Pour it onto bare soil, on no leaf and no root you want to keep, and wait about three days before planting.'],
    'discard' => ['title' => 'Throw it away and start again', 'text' => 'Pour it onto bare ground away from plants, ponds, drains and gutters, or as your local rules for garden chemicals have it. Rinse the sprayer.'],
    'as-planned' => 'It comes back to the planned strength.',
    'within' => 'It ends within the limits, though not quite at the planned strength.',
];
