<?php

declare(strict_types=1);

use IdleMixer\Core\Safety\Level;
use Tests\Feature\Judgements;

it('writes down what it says of every shipped spray', function (): void {
    expect(file_get_contents(dirname(__DIR__, 2) . '/docs/judgements.md'))->toBe(Judgements::page());
});

it('stops one shipped spray only: the kitchen oil that is taken by the cup', function (?float $hardness): void {
    $stopped = array_keys(array_filter(Judgements::in($hardness), static fn(array $found): bool => $found !== [] && $found[0]->level === Level::Stop->value));

    // Two teaspoons of an oil stock in a cup are over 3.5 % (common practice, no source).
    expect($stopped)->toBe(['mint-oil-by-the-cup']);
})->with(array_map(static fn(?float $water): array => [$water], array_values(Judgements::WATERS)));

it('cries wolf over no spray that practice makes every week', function (): void {
    $said = Judgements::in(60.0);
    $counts = array_filter(array_map(count(...), $said), static fn(int $count): bool => $count > 0);
    unset($counts['mint-oil-by-the-cup']);

    expect(count($said))->toBeGreaterThan(24)
        ->and(count($counts))->toBeLessThanOrEqual(14)
        ->and(array_filter($counts, static fn(int $count): bool => $count > 2))->toBe([]);
});
