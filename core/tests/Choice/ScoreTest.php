<?php

declare(strict_types=1);

use IdleMixer\Core\Choice\Chooser;
use IdleMixer\Core\Choice\Option;
use IdleMixer\Core\Choice\PlantState;
use IdleMixer\Core\Choice\Reason;
use IdleMixer\Core\Choice\Severity;
use IdleMixer\Core\Choice\Situation;
use IdleMixer\Core\Plant\ToleranceCatalogue;
use IdleMixer\Core\Trouble\TroubleCatalogue;

/**
 * @param array<string, bool> $plant
 * @param list<string>|null   $cupboard
 *
 * @return list<string> codes of what speaks for a spray and against it, on a moderate infestation; none where it is not proposed
 */
function speaksOf(string $slug, string $trouble, string $leaf = 'ordinary-leaf', array $plant = [], bool $indoors = false, ?float $hardness = null, ?array $cupboard = null, string $stage = 'any'): array
{
    $situation = new Situation(TroubleCatalogue::shipped()->trouble($trouble), $stage, Severity::Moderate, new PlantState('Zinnia', ToleranceCatalogue::shipped()->get($leaf), ...$plant), $indoors, false, $hardness, $cupboard);
    $found = array_filter(Chooser::shipped()->choose($situation)->proposed, static fn(Option $option): bool => $option->recipe->slug === $slug);

    return array_merge(...array_values(array_map(static fn(Option $option): array => array_map(static fn(Reason $reason): string => $reason->code, [...$option->for, ...$option->against]), $found)));
}

// What a spray is minded for: common practice, no source.
it('says what to mind of a spray where it matters, and only there', function (): void {
    expect(speaksOf('neem-leaf-quart', 'aphids', indoors: true))->toContain('smell')
        ->and(speaksOf('neem-leaf-quart', 'aphids'))->not->toContain('smell')
        ->and(speaksOf('mild-soap', 'aphids', indoors: true))->not->toContain('smell')
        ->and(speaksOf('neem-leaf-quart', 'aphids', hardness: 250.0))->toContain('not-held')
        ->and(speaksOf('neem-leaf-quart', 'aphids', hardness: 30.0))->not->toContain('not-held')
        ->and(speaksOf('plain-soap', 'aphids', 'waxy-bloom-leaf'))->toContain('strips-wax')
        ->and(speaksOf('plain-soap', 'aphids'))->not->toContain('strips-wax')
        ->and(speaksOf('mild-soap', 'aphids', plant: ['eatenSoon' => true]))->toContain('wash-food')
        ->and(speaksOf('mild-soap', 'aphids'))->not->toContain('wash-food')
        ->and(speaksOf('half-alcohol-swab', 'mealybugs', stage: 'adults'))->toContain('flammable')
        ->and(speaksOf('mild-soap', 'aphids'))->not->toContain('flammable');
});

it('tells what is in the house from what is not', function (): void {
    expect(speaksOf('plain-soap', 'aphids', cupboard: ['castile-soap']))->toContain('in-cupboard')
        ->and(speaksOf('mild-soap', 'aphids', cupboard: ['neem-oil']))->toContain('missing')
        ->and(speaksOf('mild-soap', 'aphids', cupboard: ['neem-oil']))->not->toContain('in-cupboard')
        ->and(array_intersect(['in-cupboard', 'missing'], speaksOf('mild-soap', 'aphids')))->toBe([]);
});
