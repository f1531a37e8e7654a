<?php

declare(strict_types=1);

use IdleMixer\Core\Evidence\AlikeSprays;
use IdleMixer\Core\Tests\Support\Sprays;

it('judges together only what is alike', function (): void {
    // 0.286 % soap and half of it are two sprays, whatever recipe they were made by.
    $sprays = [10 => Sprays::of(['castile-soap' => 0.286]), 11 => Sprays::of(['castile-soap' => 0.143]), 12 => Sprays::of(['castile-soap' => 0.28]), 13 => Sprays::of(['dish-detergent' => 0.286])];
    expect(AlikeSprays::groups($sprays))->toEqualCanonicalizing([[10, 12], [11], [13]])
        ->and(AlikeSprays::groups([]))->toBe([]);
});

it('has no group wider than the line, and the same groups in whatever order they come', function (): void {
    $random = new Random\Randomizer(new Random\Engine\Mt19937(3));
    for ($round = 0; $round < 100; ++$round) {
        $sprays = [];
        foreach (range(1, 12) as $key) {
            $sprays[$key] = Sprays::neem($random->getInt(5, 20) / 10);
        }
        $groups = AlikeSprays::groups($sprays);
        expect(array_merge(...$groups))->toEqualCanonicalizing(range(1, 12));
        foreach ($groups as $group) {
            $oil = array_map(static fn(int $key): float => $sprays[$key]->components['neem-oil']->high, $group);
            expect(max($oil) / min($oil))->toBeLessThanOrEqual(1.1 * (1 + 1e-9));
        }
        $other = array_map(static function (array $group): array {
            sort($group);

            return $group;
        }, AlikeSprays::groups(array_reverse($sprays, true)));
        expect(array_map(static function (array $group): array {
            sort($group);

            return $group;
        }, $groups))->toEqualCanonicalizing($other);
    }
});
