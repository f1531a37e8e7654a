<?php

declare(strict_types=1);

/*
 * From which count on it is moderate, and heavy; the count is that of `troubles.php`. Our own lines, to be overruled by looking.
 */
$from = static fn(int $moderate, int $heavy): array => ['moderate' => $moderate, 'heavy' => $heavy, 'source' => 'house'];

return [
    'aphids' => $from(20, 100), 'mealybugs' => $from(5, 25), 'spider-mites' => $from(10, 50), 'flat-mites' => $from(10, 50),
    'scale' => $from(10, 50), 'whitefly' => $from(10, 50), 'thrips' => $from(5, 25), 'leaf-beetles' => $from(10, 40),
    'caterpillars' => $from(3, 10), 'slugs' => $from(3, 10), 'fungus-gnats' => $from(10, 40), 'grubs' => $from(5, 15),
    'blister-mites' => $from(10, 60), 'overwintering-eggs' => $from(5, 30), 'powdery-mildew' => $from(100, 400),
    'early-blight' => $from(10, 40), 'black-spot' => $from(10, 40), 'rust' => $from(10, 60),
];
