<?php

declare(strict_types=1);

/*
 * What practice says about each shipped recipe: what it is for (keys of `pests.php`), and how often.
 * `ways` is how it works, the main one first (keys of `effects.php`); `work` is 1 little, 2 some, 3 much.
 * `repeat_days` is the usual interval when infested, `null` where it is done once. All of it common practice.
 */
$practice = static fn(array $ways, int $work, array $for, ?int $repeatDays, string $repeat): array => [
    'ways' => $ways, 'work' => $work, 'for' => $for, 'repeat_days' => $repeatDays, 'repeat' => $repeat, 'source' => 'practice',
];

return [
    'castile-and-kitchen-oil' => $practice(['oil', 'soap'], 1, ['aphids'], 2, 'Every 2 days, with a clean water rinse on the days between.'),
    'kitchen-oil-by-the-quart' => $practice(['oil'], 2, ['aphids'], 7, 'As seen; a week between is usual.'),
    'mint-oil-by-the-cup' => $practice(['oil', 'essential'], 2, ['aphids', 'whitefly'], 1, 'Daily until gone, by those who use it.'),
    'neem-leaf-quart' => $practice(['neem'], 1, ['aphids', 'mealybugs', 'whitefly', 'thrips', 'leaf-beetles', 'powdery-mildew'], 7, 'Weekly when infested; every 2 to 4 weeks as prevention.'),
    'true-neem-emulsion' => $practice(['neem'], 3, ['scale', 'spider-mites', 'aphids'], 7, 'Weekly when infested.'),
    'neem-by-the-gallon' => $practice(['neem'], 2, ['spider-mites', 'scale', 'powdery-mildew'], 7, 'By the label of the bottle; weekly is usual.'),
    'soda-leaf-spray' => $practice(['soda'], 2, ['early-blight', 'black-spot'], 14, 'About fortnightly, in turn with other treatments.'),
    'soda-and-neem' => $practice(['soda', 'neem'], 2, ['powdery-mildew', 'black-spot', 'rust', 'aphids'], 7, 'Weekly.'),
    'winter-wood-oil' => $practice(['oil'], 3, ['scale', 'blister-mites', 'overwintering-eggs'], null, 'Once, before buds break.'),
    'orchard-neem' => $practice(['neem', 'oil'], 1, ['overwintering-eggs', 'aphids', 'spider-mites'], 14, 'Early spring; a fortnight between.'),
    'gentle-neem' => $practice(['neem', 'soap'], 2, ['mealybugs'], 3, 'Look after 2 to 3 days, then repeat.'),
    'fine-paraffin-mist' => $practice(['oil'], 2, ['spider-mites', 'mealybugs', 'scale'], 7, '1 % may be repeated after 7 days; 2 % is not repeated.'),
    'mild-soap' => $practice(['soap'], 1, ['mealybugs', 'aphids'], 7, 'As seen; a week between is usual.'),
    'mild-alcohol' => $practice(['weak-alcohol'], 1, ['mealybugs'], 7, 'As seen; a week between is usual.'),
    'mild-neem' => $practice(['neem'], 2, ['mealybugs'], 10, 'Every 10 to 15 days as prevention.'),
    'half-alcohol-swab' => $practice(['alcohol'], 3, ['mealybugs', 'spider-mites', 'scale'], 7, 'Repeat over weeks.'),
    'egg-and-oil-milk' => $practice(['egg-oil'], 3, ['aphids', 'whitefly', 'spider-mites'], 3, 'Judge on day 3, then repeat.'),
    'mint-mask' => $practice(['essential', 'soap'], 2, ['spider-mites'], 5, 'Outbreak 3 to 5 days apart for three cycles; light pressure 5 to 7 days.'),
    'rosemary-mist' => $practice(['essential'], 1, ['spider-mites'], 7, 'Weekly.'),
    'beetle-neem' => $practice(['neem'], 1, ['leaf-beetles'], 3, 'Two or three times a week, and again after rain.'),
    'empty-bed-neem-drench' => $practice(['drench'], 3, ['grubs'], null, 'Once; wait about 3 days before planting.'),
    'weak-pot-drench' => $practice(['systemic-neem'], 2, ['spider-mites'], 35, 'Again after about 5 weeks.'),
];
