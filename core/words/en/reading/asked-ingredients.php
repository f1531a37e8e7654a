<?php

declare(strict_types=1);

/*
 * Names that are sold as different things: what the label says decides. `code` is a key of `words/en/remarks.php`; each answer says
 * what the line would then be. Common practice.
 */
$spirit = static fn(string ...$words): array => [
    'words' => $words,
    'code' => 'which-spirit',
    'answers' => [
        ['words' => 'the label says isopropyl', 'as' => 'isopropyl alcohol'],
        ['words' => 'the label says ethanol, denatured or methylated', 'as' => 'denatured alcohol'],
    ],
];

/* Stronger than what is sold for rubbing: of 95 % and more it is mostly ethanol. */
$strong = static fn(int $percent): array => [
    'words' => ["alcohol {$percent} %", "{$percent} % alcohol", "alcohol of {$percent} %", "{$percent} percent alcohol"],
    'code' => 'which-spirit',
    'answers' => [
        ['words' => 'the label says isopropyl', 'as' => "isopropyl alcohol from a bottle of {$percent} %"],
        ['words' => 'the label says ethanol, denatured or methylated', 'as' => 'denatured alcohol'],
    ],
];

return [
    $spirit('surgical spirit', 'surgical spirits', 'methylated spirit', 'methylated spirits', 'meths'),
    $strong(95),
    $strong(96),
    [
        'words' => ['neem concentrate', 'neem oil concentrate', 'ready to mix neem', 'ready to mix neem oil', 'emulsifiable neem', 'emulsifiable neem oil', 'neem insecticide', 'water soluble neem'],
        'code' => 'which-neem',
        'answers' => [
            ['words' => 'nothing but cold pressed neem oil', 'as' => 'neem oil'],
            ['words' => 'clarified hydrophobic extract of neem', 'as' => 'neem extract'],
        ],
    ],
    [
        'words' => ['baby oil', 'body oil', 'massage oil'],
        'code' => 'which-oil',
        'answers' => [
            ['words' => 'nothing but paraffinum liquidum, no scent', 'as' => 'paraffin oil'],
            ['words' => 'nothing but oil from plants, no scent', 'as' => 'vegetable oil'],
        ],
    ],
    [
        'words' => ['black soap', 'savon noir'],
        'code' => 'which-black-soap',
        'answers' => [
            ['words' => 'liquid, or a paste that pours', 'as' => 'liquid black soap'],
            ['words' => 'solid: grated and weighed', 'as' => 'solid black soap'],
        ],
    ],
    [
        'words' => ['insecticidal soap concentrate', 'soap concentrate', 'concentrated soap', 'potassium soap concentrate'],
        'code' => 'soap-percent',
        'answers' => [
            ['words' => 'some 40 to 50 % of soap', 'as' => 'potassium soap'],
            ['words' => 'detergent, or no percent of soap on it', 'as' => 'dish detergent'],
        ],
    ],
];
