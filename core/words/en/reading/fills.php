<?php

declare(strict_types=1);

/*
 * How people say that water fills what is left of the bottle, as patterns: all of it, or short of the top. What a bottle is said to hold it
 * holds up to its neck. Common practice, no source.
 */
return [
    'short' => [
        '/\bleav\w* .*\b(inch\w*|in|cm|room|space|headspace|gap)\b/u', '/\b(inch\w*|cm) (left|free|below|from the top)\b/u', '/\bto the shoulder\b/u', '/\bnot quite full\b/u',
    ],
    'whole' => [
        '/^(then |and |now )*(fill|top)( it| the (rest|bottle|sprayer|can|remainder))?( up| off)?( the rest)?( with| to the (neck|top|brim|mark) with)?( \w+){0,2} water\b/u',
        '/\b(fill|top|water)( it)?( up)? to the (neck|top|brim|mark|line)\b/u',
        '/^(the )?(rest|remainder)( is| of it)? water$/u', '/^water (for )?the rest$/u', '/^add water (until|till) (it is )?full$/u',
    ],
];
