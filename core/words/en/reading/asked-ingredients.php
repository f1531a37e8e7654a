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

return [$spirit('surgical spirit', 'surgical spirits', 'methylated spirit', 'methylated spirits', 'meths')];
