<?php

declare(strict_types=1);

/*
 * What practice says about each shipped recipe: what it is for (keys of `troubles.php`), and how often.
 * `ways` is how it works, the main one first (keys of `effects.php`); `work` is 1 little, 2 some, 3 much.
 * `repeat_days` is the usual interval when infested, `null` where it is done once. All of it common practice.
 * `waits` is what has to pass before or after: [key of `words/en/waits.php`, from, to].
 */
$practice = static fn(array $ways, int $work, array $for, ?int $repeatDays, string $repeat, array $waits = []): array => [
    'ways' => $ways, 'work' => $work, 'for' => $for, 'repeat_days' => $repeatDays, 'repeat' => $repeat, 'waits' => $waits, 'source' => 'practice',
];

return [
    'castile-and-kitchen-oil' => $practice(['oil', 'soap'], 1, ['aphids'], 2, 'Every 2 days, with a clean water rinse on the days between.', [['water-rinse-day', 1, 1]]) + ['rinsed' => true],
    'kitchen-oil-by-the-quart' => $practice(['oil'], 2, ['aphids'], 7, 'As seen; a week between is usual.'),
    'mint-oil-by-the-cup' => $practice(['oil', 'essential'], 2, ['aphids', 'whitefly'], 1, 'Daily until gone, by those who use it.'),
    'neem-leaf-quart' => $practice(['neem'], 1, ['aphids', 'mealybugs', 'whitefly', 'thrips', 'leaf-beetles', 'powdery-mildew'], 7, 'Weekly when infested; every 2 to 4 weeks as prevention.', [['use-within', 8, 8]]) + ['half_for' => ['powdery-mildew']],
    'true-neem-emulsion' => $practice(['neem'], 3, ['scale', 'spider-mites', 'aphids'], 7, 'Weekly when infested.', [['use-within', 24, 24]]),
    'neem-by-the-gallon' => $practice(['neem'], 2, ['spider-mites', 'scale', 'powdery-mildew'], 7, 'By the label of the bottle; weekly is usual.'),
    'soda-leaf-spray' => $practice(['soda'], 2, ['early-blight', 'black-spot'], 14, 'About fortnightly, in turn with other treatments.'),
    'soda-and-oil-by-the-book' => $practice(['soda-with-oil'], 2, ['powdery-mildew', 'black-spot', 'rust', 'early-blight'], 7, 'Weekly; fortnightly as prevention.'),
    'peroxide-in-turn' => $practice(['peroxide'], 1, ['early-blight', 'black-spot', 'rust'], 14, 'First in a rotation: peroxide, then soda some days later, about fortnightly.'),
    'soda-and-neem' => $practice(['soda', 'neem'], 2, ['powdery-mildew', 'black-spot', 'rust', 'aphids'], 7, 'Weekly.', [['leaf-test', 24, 24]]),
    'winter-wood-oil' => $practice(['winter-oil'], 3, ['scale', 'blister-mites', 'overwintering-eggs'], null, 'Once, before buds break.', [['no-frost', 2, 2]]),
    'orchard-neem' => $practice(['neem'], 1, ['aphids', 'spider-mites'], 14, 'Early spring; a fortnight between.'),
    'gentle-neem' => $practice(['neem', 'soap'], 2, ['mealybugs'], 3, 'Look after 2 to 3 days, then repeat.', [['out-of-sun', 2, 3], ['look-after', 2, 3]]),
    'fine-paraffin-mist' => $practice(['oil'], 2, ['flat-mites', 'spider-mites', 'mealybugs', 'scale', 'whitefly'], 7, '1 % may be repeated after 7 days; 2 % is not repeated.'),
    'plain-soap' => $practice(['soap'], 1, ['aphids', 'whitefly', 'spider-mites', 'thrips', 'mealybugs'], 5, 'Every 4 to 5 days while they are there.'),
    'mild-soap' => $practice(['detergent'], 1, ['mealybugs', 'aphids'], 7, 'As seen; a week between is usual.', [['rinse-after', 20, 20]]),
    'mild-alcohol' => $practice(['weak-alcohol'], 1, ['mealybugs'], 7, 'As seen; a week between is usual.', [['rinse-after', 20, 20]]),
    'mild-neem' => $practice(['neem'], 2, ['mealybugs'], 10, 'Every 10 to 15 days as prevention.'),
    'half-alcohol-swab' => $practice(['alcohol'], 3, ['mealybugs', 'spider-mites', 'scale'], 7, 'Repeat over weeks.'),
    'egg-and-oil-milk' => $practice(['egg-oil'], 3, ['aphids', 'whitefly', 'spider-mites'], 3, 'Judge on day 3, then repeat.', [['look-after', 3, 3]]),
    'mint-mask' => $practice(['essential', 'soap'], 2, ['spider-mites'], 5, 'Outbreak 3 to 5 days apart for three cycles; light pressure 5 to 7 days.'),
    'rosemary-mist' => $practice(['essential'], 1, ['spider-mites'], 7, 'Weekly.'),
    'beetle-neem' => $practice(['neem'], 1, ['leaf-beetles'], 3, 'Two or three times a week, and again after rain.'),
    'empty-bed-neem-drench' => $practice(['drench'], 3, ['grubs'], null, 'Once; wait about 3 days before planting.', [['plant-after', 3, 3]]) + ['only_where_nothing_grows' => true],
    'weak-pot-drench' => $practice(['systemic-neem'], 2, ['spider-mites'], 35, 'Again after about 5 weeks.', [['peak-after', 10, 10]]),
    'soap-and-alcohol-by-eye' => $practice(['alcohol', 'soap'], 2, ['mealybugs', 'aphids'], 10, 'Look daily for one to two weeks; neem after about a week, and this again about ten days after the neem.', [['rinse-after', 20, 20], ['look-after', 1, 1]]),
    'alcohol-soap-and-brush' => $practice(['alcohol', 'soap'], 3, ['spider-mites'], 7, 'Weekly, three or four times; fresh soil and a clean pot with it.', [['soak', 10, 15]]),
];
