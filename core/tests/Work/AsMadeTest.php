<?php

declare(strict_types=1);

use IdleMixer\Core\Ingredient\SubstanceGroup;
use IdleMixer\Core\Mix\Strengths;
use IdleMixer\Core\Tests\Support\Plans;
use IdleMixer\Core\Work\AsMade;

it('gives the plan back when everything went in as wanted', function (): void {
    $load = Plans::shipped('kitchen-oil-by-the-quart', 2.0, '[qt_us]')->groups[0]->load;
    $wanted = array_map(static fn($item): float => $item->millilitres(), $load->items);

    expect(Strengths::of(AsMade::of($load, $wanted)))->toEqual(Strengths::of($load->mixture));
});

it('reckons with what was really scooped, topped up to the same mark', function (): void {
    // 1.25 cups where 1 cup was wanted is 25 % over: common practice, no source.
    $load = Plans::shipped('neem-by-the-gallon', 4.0, '[gal_us]')->groups[0]->load;
    $wanted = $load->items['neem-oil']->millilitres();
    $made = AsMade::of($load, ['neem-oil' => 1.25 * $wanted]);

    expect(Strengths::of($made)->in(SubstanceGroup::Oil))->toEqualWithDelta(1.25 * Strengths::of($load->mixture)->in(SubstanceGroup::Oil), 1e-9)
        ->and($made->finished())->toEqualWithDelta($load->mixture->finished(), 1e-9);
});

it('leaves out what was not ticked', function (): void {
    $load = Plans::shipped('gentle-neem', 1.0, 'L')->groups[0]->load;
    $made = Strengths::of(AsMade::of($load, ['neem-oil' => $load->items['neem-oil']->millilitres()]));

    expect($made->in(SubstanceGroup::Soap))->toBe(0.0)->and($made->in(SubstanceGroup::Oil))->toEqualWithDelta(Strengths::of($load->mixture)->in(SubstanceGroup::Oil), 1e-9);
});

it('pours loads together', function (): void {
    $plan = Plans::shipped('gentle-neem', 3.0, 'L', ['sprayer' => ['amount' => 2, 'unit' => 'L']]);
    $all = AsMade::together(array_map(static fn($group) => $group->load->mixture, $plan->groups));

    expect($all->finished())->toEqualWithDelta(3000.0, 1e-9)
        ->and(Strengths::of($all)->in(SubstanceGroup::Oil))->toEqualWithDelta($plan->strengths->in(SubstanceGroup::Oil), 1e-9);
});
