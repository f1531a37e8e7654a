<?php

declare(strict_types=1);

/*
 * Why a way of working does something to a trouble.
 */
return [
    'soap-dries-out-soft-bodies-wets' => 'Soap dries out soft bodies that it wets.',
    'oil-smothers-every-stage-wets' => 'Oil smothers every stage that it wets.',
    'neem-stops-feeding-and-moulting-over' => 'Neem stops feeding and moulting, over days.',
    'fine-egg-emulsion-smothers-sucking-insects' => 'The fine egg emulsion smothers sucking insects.',
    'dish-or-hand-wash-dries-out' => 'A dish or hand wash dries out soft bodies that it wets; most find a true soap gentler.',
    'alcohol-kills-what-wets-soap-does' => 'Alcohol kills what it wets; soap does it more gently.',
    'some-keep-them-down-with-two' => 'Some keep them down with it; it is two hundred times weaker than a swab.',
    'alcohol-opens-wax-and-kills-what' => 'Alcohol opens the wax and kills what it touches.',
    'oil-smothers-them-where-gets-under' => 'Oil smothers them where it gets under the wax.',
    'some-keep-crawlers-down-with-two' => 'Some keep crawlers down with it; it is two hundred times weaker than a swab.',
    'crawlers-have-no-wax-yet-alcohol' => 'Crawlers have no wax yet; alcohol kills what it touches.',
    'soap-kills-mites-wets-not-eggs' => 'Soap kills the mites that it wets, not the eggs.',
    'oil-smothers-mites-and-eggs-wets' => 'Oil smothers mites and eggs that it wets.',
    'neem-slows-feeding-and-egg-laying' => 'Neem slows feeding and egg laying, over days.',
    'alcohol-with-soap-kills-what-wets' => 'Alcohol with soap kills what it wets.',
    'strong-scent-masks-plant-some-see' => 'Strong scent masks the plant; some see fewer mites.',
    'fine-egg-emulsion-smothers-what-wets' => 'The fine egg emulsion smothers what it wets.',
    'roots-take-neem-up-some-find' => 'Roots take neem up; some find it in the leaves after three days.',
    'oil-smothers-eggs-wets' => 'Oil smothers eggs that it wets.',
    'neem-slows-feeding-over-days' => 'Neem slows feeding, over days.',
    'oil-smothers-under-shield-when-wetted' => 'Oil smothers under the shield when it is wetted all over.',
    'alcohol-on-swab-lifts-and-kills' => 'Alcohol on a swab lifts and kills single domes.',
    'neem-stops-feeding-over-days' => 'Neem stops feeding, over days.',
    'crawlers-have-no-shield-yet' => 'Crawlers have no shield yet.',
    'winter-oil-smothers-scale-on-bare' => 'Winter oil smothers scale on bare wood.',
    'soap-kills-flies-and-nymphs-wets' => 'Soap kills flies and nymphs that it wets, not the eggs: undersides, every 5 days.',
    'oil-smothers-nymphs-and-eggs-wets' => 'Oil smothers nymphs and eggs that it wets.',
    'soap-kills-those-wets-most-hide' => 'Soap kills those that it wets; most hide.',
    'oil-smothers-those-wets-most-hide' => 'Oil smothers those that it wets; most hide.',
    'neem-puts-larvae-off-feeding-over' => 'Neem puts larvae off feeding, over days.',
    'neem-drench-before-planting-some-find' => 'A neem drench before planting: some find fewer grubs.',
    'winter-oil-smothers-mites-under-bud' => 'Winter oil smothers mites under the bud scales.',
    'winter-oil-smothers-eggs-on-bare' => 'Winter oil smothers eggs on bare wood.',
    'soda-with-oil-in-published-strength' => 'Soda with oil, in the published strength, stops mildew on the leaf.',
    'soda-stops-mildew-on-leaf' => 'Soda stops mildew on the leaf.',
    'oil-stops-film-where-covers' => 'Oil stops the film where it covers it.',
    'half-strength-neem-stops-film-where' => 'Half-strength neem stops the film where it covers it.',
    'soda-with-oil-keeps-clean-leaves' => 'Soda with oil keeps clean leaves clean of {trouble}; it cures none.',
    'soda-keeps-clean-leaves-clean-of' => 'Soda keeps clean leaves clean of {trouble} for a while.',
    'peroxide-stops-where-touches-and-leaves' => 'Peroxide stops {trouble} where it touches, and leaves nothing behind: soda follows some days later.',
];
