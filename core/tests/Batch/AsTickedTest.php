<?php

declare(strict_types=1);

use IdleMixer\Core\Batch\AsTicked;
use IdleMixer\Core\Tests\Support\Batches;
use IdleMixer\Core\WayOut\Slips;

/** @param array<string, int> $short spoonfuls that were not ticked */
function standing(array $short, Slips $said): AsTicked
{
    $batch = Batches::gallonOfNeem();

    return AsTicked::of($said, Batches::history(Batches::ticks($batch, $short)), 1, $batch->load(1));
}

it('knows nothing of the ticks where nobody ticks', function (): void {
    $said = new Slips(['neem-oil' => [40.0, 50.0]], null, ['castile-soap']);
    $found = standing(['neem-oil' => 2, 'castile-soap' => 2], $said);
    expect($found->slips)->toBe($said)->and($found->halfWater)->toBeFalse();
});

// Common practice, no source: water goes in to half, then what is measured, then it is topped up.
it('takes half of the water to be in while something is not ticked yet', function (array $short, array $items, array $spent, ?float $said, bool $half, ?float $water): void {
    /**
     * @var array<string, int>                 $short
     * @var array<string, array{float, float}> $items
     * @var list<string>                       $spent
     */
    $found = standing($short, new Slips($items, $said, $spent));
    expect($found->halfWater)->toBe($half);
    $water === null ? expect($found->slips->water)->toBeNull() : expect($found->slips->water)->toEqualWithDelta($water, 0.01);
})->with([
    'all ticked' => [[], [], [], null, false, null],
    'one spoonful of the soap is missing' => [['castile-soap' => 1], [], [], null, true, 1872.99],
    'all of the soap is missing' => [['castile-soap' => 2], [], [], null, true, 1872.99],
    'the soap is what somebody spoke of' => [['castile-soap' => 2], ['castile-soap' => [0.0, 0.0]], [], null, false, null],
    'of the soap there is no more' => [[], [], ['castile-soap'], null, true, 1872.99],
    'somebody said how much water' => [['castile-soap' => 1], [], [], 3000.0, false, 3000.0],
]);

it('takes what was ticked for what is in, but for what somebody spoke of', function (): void {
    $found = standing(['neem-oil' => 1], new Slips(['castile-soap' => [20.0, 30.0]]));
    expect($found->slips->items['castile-soap'])->toBe([20.0, 30.0])
        ->and($found->slips->items['neem-oil'])->toEqualWithDelta([14.787, 14.787], 0.001)
        ->and($found->slips->spent)->toBe([]);
});
