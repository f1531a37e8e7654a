<?php

declare(strict_types=1);

use IdleMixer\Core\Plan\Planner;
use IdleMixer\Core\Recipe\RecipeCatalogue;
use IdleMixer\Core\Safety\Level;
use IdleMixer\Core\Safety\Verdict;
use IdleMixer\Core\Tests\Support\Plans;

// A litre with the four spoons of a US kitchen is what most people mix: a bench that cries wolf at it is not heeded. Common practice, no source.
it('keeps its cautions for few of the shipped sprays at a litre, and has none for a spoon that thinning makes true', function (): void {
    $spoons = [['amount' => 1, 'unit' => '[tbs_us]'], ['amount' => 1, 'unit' => '[tsp_us]'], ['amount' => 0.5, 'unit' => '[tsp_us]'], ['amount' => 0.25, 'unit' => '[tsp_us]']];
    $minded = $coarse = [];
    foreach (RecipeCatalogue::shipped()->slugs() as $slug) {
        $plan = Plans::of(['recipe' => $slug, 'make' => ['amount' => 1, 'unit' => 'L'], 'measures' => $spoons]);
        foreach ($plan->verdicts as $verdict) {
            if ($verdict->level === Level::Caution) {
                $minded[$slug] = true;
            }
            if ($verdict->level !== Level::Ok && $verdict->code === 'measure-coarse') {
                $coarse[] = [$slug, $verdict->args['name'] ?? ''];
            }
        }
    }
    expect(count($minded))->toBeLessThanOrEqual(10)
        // What no spoon measures and water does not thin: oil.
        ->and($coarse)->toBe([['mild-neem', 'neem oil'], ['rosemary-mist', 'rosemary oil']]);
});

// Common practice, no source: weak alcohol fails on wax, and nowhere else; a can that is poured from is stirred all the while.
it('minds weak alcohol against wax only, and a mix that parts where leaves are wetted', function (string $slug, string $code, bool $minded): void {
    $found = array_filter(Planner::shipped()->plan(Plans::of(['recipe' => $slug, 'make' => ['amount' => 1, 'unit' => 'L']])->bench)->verdicts, static fn(Verdict $one): bool => $one->code === $code && $one->level !== Level::Ok);
    expect($found !== [])->toBe($minded);
})->with([
    ['mild-alcohol', 'weak-alcohol', true], ['soap-and-alcohol-by-eye', 'weak-alcohol', true], ['alcohol-soap-and-brush', 'weak-alcohol', false],
    ['mild-neem', 'emulsion', true], ['weak-pot-drench', 'emulsion', false],
]);
