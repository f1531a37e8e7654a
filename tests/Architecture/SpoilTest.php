<?php

declare(strict_types=1);

use Tests\Mutants\Mutator;

/** @return list<string> what is done at each place of a file */
function spoiledIn(string $file, string $code): array
{
    $mutator = new Mutator();
    $count = $mutator->count($file, $code);

    return array_map(static fn(int $place): string => $mutator->at($file, $code, $place)->what, $count === 0 ? [] : range(0, $count - 1));
}

it('spoils what decides, each place once, and nothing that the linters hold', function (string $code, array $what): void {
    expect(spoiledIn('app/Any.php', "<?php declare(strict_types=1); {$code}"))->toBe($what);
})->with([
    'comparisons' => ['return $a < 3;', ['another operator for <', '3 + 1']],
    'a condition' => ['if (! $a) { b(); }', ['if turned round', '! taken out']],
    'a choice' => ['return $a ? true : 2.0;', ['sides of ?: swapped', 'true for false', '2 × 1.1']],
    'a call' => ['$a->b(min($c, $d));', ['call taken out', 'max for min']],
    'no room for rounding' => ['return $a > 1e-9;', ['another operator for >']],
    'strict searches' => ["return in_array(\$a, ['b'], true) && array_search(\$a, \$b, true) === base64_decode(\$c, true);", ['another operator for &&', 'another operator for ===']],
]);

it('moves numbers of catalogues by a fifth', function (): void {
    expect(spoiledIn('core/data/any.php', '<?php return [10, 2.0, 0.0];'))->toBe(['10 + 2', '2 × 1.2', '1 for 0']);
});
