<?php

declare(strict_types=1);

use IdleMixer\Core\Tests\Support\Plans;
use IdleMixer\Core\Writing\PlanWriter;

/** @return array{list<string>, list<string>} names of what goes in, and the steps */
function ofEggs(float $litres): array
{
    $recipe = Plans::recipe([['ingredient' => 'egg', 'amount' => 1, 'unit' => '1'], ['ingredient' => 'vegetable-oil', 'amount' => 1, 'unit' => '[cup_us]']], ['amount' => 1, 'unit' => 'L', 'of' => 'finished'], 'foliar', 'blender');
    $plan = json_decode((string) json_encode(PlanWriter::shipped()->write(Plans::of(['recipe' => $recipe, 'make' => ['amount' => $litres, 'unit' => 'L']]))), true);
    assert(is_array($plan) && is_array($plan['loads']) && is_array($plan['loads'][0]) && is_array($plan['loads'][0]['items']) && is_array($plan['steps']));

    return [array_values(array_filter(array_column($plan['loads'][0]['items'], 'name'), is_string(...))), array_values(array_filter($plan['steps'], is_string(...)))];
}

it('speaks of one egg and of two', function (): void {
    [$one, $steps] = ofEggs(1.0);
    [$two, $more] = ofEggs(2.0);
    expect($one)->toContain('egg')->and($two)->toContain('eggs')
        ->and(array_filter($steps, static fn(string $step): bool => str_contains($step, '1 egg ')))->toHaveCount(1)
        ->and(array_filter($more, static fn(string $step): bool => str_contains($step, '2 eggs ')))->toHaveCount(1);
});

it('puts an egg into the jar of a stock, and no piece of it', function (): void {
    $plan = PlanWriter::shipped()->write(Plans::shipped('egg-and-oil-milk', 1.0, 'L'));
    $steps = json_encode($plan->steps, \JSON_THROW_ON_ERROR | \JSON_UNESCAPED_UNICODE);
    expect(str_contains($steps, 'Put 1 egg into a jar with a lid.'))->toBeTrue()->and(str_contains($steps, 'piece'))->toBeFalse();
});
