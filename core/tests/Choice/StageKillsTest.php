<?php

declare(strict_types=1);

use IdleMixer\Core\Choice\StageKills;
use IdleMixer\Core\Population\LifeCatalogue;
use IdleMixer\Core\Population\Stage;
use IdleMixer\Core\Trouble\TroubleCatalogue;

/**
 * Common practice, no source: what wets kills what is soft; eggs of mites live through soap and alcohol, and oil smothers them; nothing touches
 * what rests; neem takes fewer than soap does, and nothing of eggs.
 *
 * @return array<string, float>
 */
function killed(string $trouble, string ...$ways): array
{
    $kill = StageKills::shipped()->of(TroubleCatalogue::shipped()->trouble($trouble), array_values($ways));

    return array_combine(array_column(Stage::cases(), 'value'), array_map($kill->of(...), Stage::cases()));
}

it('kills of each stage what practice says', function (): void {
    expect(killed('spider-mites', 'soap')['egg'])->toBe(0.0)->and(killed('spider-mites', 'alcohol')['egg'])->toBe(0.0)->and(killed('spider-mites', 'oil')['egg'])->toBeGreaterThan(0.5)
        ->and(killed('spider-mites', 'oil')['young'])->toBeGreaterThan(killed('spider-mites', 'neem')['young'])
        ->and(killed('whitefly', 'soap')['resting'])->toBe(0.0)->and(killed('whitefly', 'soap')['adult'])->toBeGreaterThan(0.5)
        // Soap alone fails on grown mealybugs, and kills their crawlers.
        ->and(killed('mealybugs', 'soap')['adult'])->toBe(0.0)->and(killed('mealybugs', 'soap')['young'])->toBeGreaterThan(0.5)
        ->and(killed('mealybugs', 'alcohol')['adult'])->toBeGreaterThan(0.5)
        ->and(killed('leaf-beetles', 'neem')['adult'])->toBe(0.0)->and(killed('aphids')['adult'])->toBe(0.0);
});

it('takes the best of what it works by, and never all', function (): void {
    foreach (LifeCatalogue::shipped()->troubles() as $trouble) {
        foreach (['soap', 'oil', 'neem', 'alcohol'] as $way) {
            foreach (killed($trouble, $way) as $stage => $share) {
                expect($share)->toBeGreaterThanOrEqual(0.0)->toBeLessThan(1.0)->toBeLessThanOrEqual(killed($trouble, $way, 'oil')[$stage]);
            }
        }
    }
});
