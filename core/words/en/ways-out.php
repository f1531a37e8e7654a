<?php

declare(strict_types=1);

/*
 * What to do when it went wrong, by kind of remedy. {items} are spoonfuls, {water} and {off} volumes, {finished} what then stands in the sprayer.
 */
return [
    'as-it-is' => ['title' => 'Use it as it is', 'text' => 'Whatever went in, it stays within the limits and between three quarters and a third over the planned strength (our own line).'],
    'add-missing' => ['title' => 'Add what is missing', 'text' => 'Add {items}. Then {finished} stand in the sprayer. Shake it again as at the start.'],
    'make-room' => ['title' => 'Make room, then add it', 'text' => 'Shake it and pour {off} off into a clean jar with a label. Add {items}, and shake again. What is in the jar goes back in once you have sprayed some; shake then, too.'],
    'smaller-batch' => ['title' => 'Make less of it', 'text' => 'What you have reaches for {finished}. Add {items}, up to the {finished} mark and no further, and shake it.'],
    'bigger-batch' => ['title' => 'Make it a bigger batch', 'text' => 'Add {items}, up to the {finished} mark: the same strength as planned, only more of it. Shake it again.'],
    'add-water' => ['title' => 'Add water', 'text' => 'Add {items}. Then {finished} stand in the sprayer. Shake it again.'],
    'pour-off' => ['title' => 'Pour off and top up', 'text' => 'Shake it, pour {off} off into a labelled can, then add {items}, up to the {finished} mark. What you poured off is as strong as before: no leaf, pond or drain gets it.'],
    'add-soap' => ['title' => 'Add the soap that is missing now', 'text' => 'There is more oil in it than was planned, and it wants more to hold it: add {items}, shake for a full minute, and look at a glass. Then test two leaves.'],
    'glass-tells' => ['title' => 'Let a glass tell', 'text' => 'With it or without it no leaf is harmed by how much there is. Shake, fill a glass and let it stand one minute. Even: it is in, go on. A ring or beads of oil: it is not; add it, shake, and look again.'],
    'within-limits' => ['title' => 'Use it after a leaf test', 'text' => 'It is no stronger than the plant bears: {size}. {short}Test two leaves first. Write its strength on the sprayer, not the recipe’s.'],
    'drench' => ['title' => 'Use it as a drench', 'text' => 'It is too strong for leaves, and no stronger than what is drenched into empty beds. Pour it onto bare soil, on no leaf and no root you want to keep, and wait about three days before planting.'],
    'discard' => ['title' => 'Throw it away and start again', 'text' => 'Pour it onto bare ground away from plants, ponds, drains and gutters, or as your local rules for garden chemicals have it. Rinse the sprayer.'],
    'as-planned' => 'It comes back to the planned strength.',
    'within' => 'It is then no stronger than the plant bears: {size}. {short}',
    'most-of-it' => 'That is more than half of it: where the bottle is cheap, starting again is less work.',
    'half-water' => 'Reckoned by your ticks, with half of the water in, as the steps have it. If it is another, say so under “The water was not as planned”.',
    'sizes' => [
        'nothing' => 'with nearly nothing in it', 'nothing-of' => 'hardly any {what}', 'quarter' => 'about a quarter as strong as planned', 'third' => 'about a third as strong as planned', 'half' => 'about half as strong as planned',
        'two-thirds' => 'about two thirds as strong as planned', 'weaker' => 'a little weaker than planned', 'same' => 'as strong as planned', 'stronger' => 'a little stronger than planned',
        'more' => 'about one and a half times as strong as planned', 'twice' => 'about twice as strong as planned', 'times' => 'about {times} times as strong as planned',
    ],
    'short' => [
        'oil' => 'With so little oil it smothers little.', 'essential' => 'With so little essential oil it does little more than smell.', 'soap' => 'With so little soap it hardly wets, and the oil does not hold.',
        'soap-alone' => 'With so little soap it hardly wets.',
        'alcohol' => 'With so little alcohol it does not get through wax.', 'peroxide' => 'With so little peroxide it hardly cleans a leaf.', 'soda' => 'With so little soda it does not stop mildew.',
    ],
    'stand-in' => '{scoops} of {with} ({mL}) may go in for the {missing} of {spent} that you lack. {cost} Note it with the batch: the recipe does not know of it.',
];
