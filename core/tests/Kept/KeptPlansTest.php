<?php

declare(strict_types=1);

use IdleMixer\Core\Recipe\RecipeCatalogue;
use IdleMixer\Core\Tests\Support\Kept;
use IdleMixer\Core\Tests\Support\Plans;
use IdleMixer\Core\Writing\PlanWriter;
use IdleMixer\Core\Writing\WrittenCaution;
use IdleMixer\Core\Writing\WrittenItem;
use IdleMixer\Core\Writing\WrittenLine;
use IdleMixer\Core\Writing\WrittenLoad;
use IdleMixer\Core\Writing\WrittenTask;
use IdleMixer\Core\Writing\WrittenVerdict;

/** Waters, plants, amounts and hands, of which each recipe meets one by its name: another recipe changes none of the others. */
const KEPT_BENCHES = [
    ['make' => ['amount' => 1, 'unit' => '[gal_us]'], 'plant' => 'ordinary-leaf', 'water' => ['hardness' => ['amount' => 250, 'unit' => 'mg/L'], 'temperature' => ['amount' => 12, 'unit' => 'Cel']]],
    ['make' => ['amount' => 750, 'unit' => 'mL'], 'plant' => 'tender-leaf', 'sprayer' => ['amount' => 500, 'unit' => 'mL'], 'water' => ['hardness' => ['amount' => 5, 'unit' => 'mg/L']]],
    ['make' => ['amount' => 5, 'unit' => 'L'], 'plant' => 'waxy-bloom-leaf', 'sprayer' => ['amount' => 2, 'unit' => 'L'], 'factor' => 1.5],
    ['make' => ['amount' => 32, 'unit' => '[foz_us]'], 'plant' => 'hairy-leaf', 'highEnd' => true, 'circumstances' => ['season' => 'growing', 'everyDays' => 2, 'celsius' => 33, 'inFlower' => true]],
    ['make' => ['amount' => 2, 'unit' => 'L'], 'plant' => 'dormant-wood', 'circumstances' => ['season' => 'dormant', 'celsius' => 3]],
];

it('plans every shipped spray as it was read through', function (string $slug): void {
    $bench = KEPT_BENCHES[crc32($slug) % count(KEPT_BENCHES)];
    $plan = PlanWriter::shipped()->write(Plans::of(['recipe' => $slug, ...$bench]));
    $verdict = static fn(WrittenVerdict $one): string => "{$one->level} ({$one->about}): {$one->because} [{$one->code}; {$one->standing}]";

    expect(Kept::change("spray-{$slug}", [
        'asked' => $bench,
        'spoken' => (array) $plan->spoken,
        'in all' => [...array_map(static fn(WrittenLine $line): string => sprintf('%.2f mL, %.2f g of %s', $line->mL, $line->g, $line->ingredient), $plan->lines), sprintf('%.1f mL of water', $plan->water_mL)],
        'loads' => array_map(static fn(WrittenLoad $load): array => [
            'poured' => array_map(static fn(WrittenItem $item): string => "{$item->words} of {$item->name}, " . sprintf('%+.1f %%', $item->measured->error_percent), $load->items),
            'levels' => implode(', ', array_map(static fn(WrittenTask $task): string => sprintf('%s %.0f', $task->code, $task->level_mL), $load->tasks)),
        ], $plan->loads),
        'strength' => $plan->strength,
        'verdicts' => array_map($verdict, $plan->verdicts),
        'emulsion' => json_decode(json_encode($plan->emulsion, \JSON_THROW_ON_ERROR), true),
        'steps' => $plan->steps,
        'cautions' => array_map(static fn(WrittenCaution $one): string => $one->text, $plan->cautions),
        'holding' => (array) $plan->holding,
        'fair look' => (array) $plan->fair_look,
        'notes' => $plan->notes,
    ]))->toBe('');
})->with(RecipeCatalogue::shipped()->slugs());
