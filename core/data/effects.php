<?php

declare(strict_types=1);

/*
 * What each way of working does to each trouble, by stage. `effect`: kills, checks (stops feeding, growth or spread over
 * days) or none. `sure`: 3 what everybody finds, 2 what most find, 1 what some find. What is not named does nothing to it.
 */
$kills = static fn(int $sure, string $why, string $source = 'practice'): array => ['effect' => 'kills', 'sure' => $sure, 'why' => $why, 'source' => $source];
$checks = static fn(int $sure, string $why, string $source = 'practice'): array => ['effect' => 'checks', 'sure' => $sure, 'why' => $why, 'source' => $source];

$softBody = [
    'soap' => $kills(3, 'Soap dries out soft bodies that it wets.', 'handbook-soap'),
    'oil' => $kills(3, 'Oil smothers every stage that it wets.', 'extension-oil'),
    'neem' => $checks(2, 'Neem stops feeding and moulting, over days.'),
    'egg-oil' => $kills(2, 'The fine egg emulsion smothers sucking insects.'),
    'detergent' => $kills(2, 'A dish or hand wash dries out soft bodies that it wets; most find a true soap gentler.'),
];
$spots = static fn(int $sure, string $what): array => [
    'soda-with-oil' => $checks($sure, "Soda with oil keeps clean leaves clean of {$what}; it cures none.", 'horst-1992'),
    'soda' => $checks(1, "Soda keeps clean leaves clean of {$what} for a while."),
    'peroxide' => $checks(1, "Peroxide stops {$what} where it touches, and leaves nothing behind: soda follows some days later."),
];

return [
    'aphids/any' => $softBody + ['alcohol' => $kills(1, 'Alcohol kills what it wets; soap does it more gently.')],
    'mealybugs/adults' => [
        'weak-alcohol' => $checks(1, 'Some keep them down with it; it is two hundred times weaker than a swab.'),
        'alcohol' => $kills(3, 'Alcohol opens the wax and kills what it touches.'),
        'oil' => $kills(2, 'Oil smothers them where it gets under the wax.', 'extension-oil'),
        'neem' => $checks(2, 'Neem stops feeding and moulting, over days.'),
    ],
    'mealybugs/crawlers' => $softBody + ['weak-alcohol' => $checks(1, 'Some keep crawlers down with it; it is two hundred times weaker than a swab.'), 'alcohol' => $kills(3, 'Crawlers have no wax yet; alcohol kills what it touches.')],
    'spider-mites/active' => [
        'soap' => $kills(2, 'Soap kills the mites that it wets, not the eggs.', 'handbook-soap'),
        'oil' => $kills(3, 'Oil smothers mites and eggs that it wets.', 'extension-oil'),
        'neem' => $checks(2, 'Neem slows feeding and egg laying, over days.'),
        'alcohol' => $kills(2, 'Alcohol with soap kills what it wets.'),
        'essential' => $checks(1, 'Strong scent masks the plant; some see fewer mites.'),
        'egg-oil' => $kills(1, 'The fine egg emulsion smothers what it wets.'),
        'systemic-neem' => $checks(1, 'Roots take neem up; some find it in the leaves after three days.'),
    ],
    'spider-mites/eggs' => ['oil' => $kills(3, 'Oil smothers eggs that it wets.', 'extension-oil')],
    'flat-mites/active' => [
        'oil' => $kills(3, 'Oil smothers mites and eggs that it wets.', 'extension-oil'),
        'neem' => $checks(1, 'Neem slows feeding, over days.'),
    ],
    'flat-mites/eggs' => ['oil' => $kills(2, 'Oil smothers eggs that it wets.', 'extension-oil')],
    'scale/adults' => [
        'oil' => $kills(2, 'Oil smothers under the shield when it is wetted all over.', 'extension-oil'),
        'alcohol' => $kills(2, 'Alcohol on a swab lifts and kills single domes.'),
        'neem' => $checks(1, 'Neem stops feeding, over days.'),
    ],
    'scale/crawlers' => $softBody + ['alcohol' => $kills(2, 'Crawlers have no shield yet.')],
    'scale/winter' => ['winter-oil' => $kills(3, 'Winter oil smothers scale on bare wood.', 'extension-oil')],
    'whitefly/any' => ['soap' => $kills(3, 'Soap kills flies and nymphs that it wets, not the eggs: undersides, every 5 days.', 'handbook-soap'), 'oil' => $kills(3, 'Oil smothers nymphs and eggs that it wets.', 'extension-oil')] + $softBody,
    'thrips/any' => [
        'soap' => $kills(1, 'Soap kills those that it wets; most hide.', 'handbook-soap'),
        'oil' => $kills(1, 'Oil smothers those that it wets; most hide.', 'extension-oil'),
        'neem' => $checks(2, 'Neem stops feeding and moulting, over days.'),
    ],
    'leaf-beetles/larvae' => ['neem' => $checks(2, 'Neem puts larvae off feeding, over days.')],
    'leaf-beetles/adults' => ['neem' => $checks(1, 'Neem puts some adults off feeding.')],
    'grubs/any' => ['drench' => $checks(1, 'A neem drench before planting: some find fewer grubs.')],
    'blister-mites/winter' => ['winter-oil' => $kills(2, 'Winter oil smothers mites under the bud scales.', 'extension-oil')],
    'overwintering-eggs/winter' => ['winter-oil' => $kills(3, 'Winter oil smothers eggs on bare wood.', 'extension-oil')],
    'powdery-mildew/any' => [
        'soda-with-oil' => $checks(3, 'Soda with oil, in the published strength, stops mildew on the leaf.', 'horst-1992'),
        'soda' => $checks(2, 'Soda stops mildew on the leaf.'),
        'oil' => $checks(1, 'Oil stops the film where it covers it.', 'horst-1992'),
        'neem' => $checks(2, 'Half-strength neem stops the film where it covers it.'),
    ],
    'early-blight/any' => $spots(2, 'early blight'),
    'black-spot/any' => $spots(2, 'black spot'),
    'rust/any' => $spots(2, 'rust'),
];
