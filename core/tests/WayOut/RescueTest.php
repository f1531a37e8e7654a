<?php

declare(strict_types=1);

use IdleMixer\Core\Catalogue\Things;
use IdleMixer\Core\Document\InvalidDocument;
use IdleMixer\Core\Document\JsonText;
use IdleMixer\Core\Measure\Kit;
use IdleMixer\Core\Mix\Mixture;
use IdleMixer\Core\Plant\ToleranceCatalogue;
use IdleMixer\Core\Quantity\Unit;
use IdleMixer\Core\Recipe\RecipeUse;
use IdleMixer\Core\Safety\Ceilings;
use IdleMixer\Core\Safety\Circumstances;
use IdleMixer\Core\Safety\Limits;
use IdleMixer\Core\Safety\Target;
use IdleMixer\Core\Tests\Support\Plans;
use IdleMixer\Core\WayOut\Bounds;
use IdleMixer\Core\WayOut\InTheSprayer;
use IdleMixer\Core\WayOut\LoadAtHand;
use IdleMixer\Core\WayOut\Remedy;
use IdleMixer\Core\WayOut\RemedyKind;
use IdleMixer\Core\WayOut\SaidCount;
use IdleMixer\Core\WayOut\SlipReader;
use IdleMixer\Core\WayOut\Slips;
use IdleMixer\Core\WayOut\StandIn;
use IdleMixer\Core\WayOut\StandIns;
use IdleMixer\Core\WayOut\Tank;
use IdleMixer\Core\WayOut\WayOut;
use IdleMixer\Core\Wording\WayOutWords;
use IdleMixer\Core\Work\Load;

/** A gallon of neem by the quart: 6 tsp of neem and 2 tsp of castile soap, of which the sprayer takes one. Common practice, no source. */
function gallonByTheQuart(): Load
{
    return Plans::shipped('neem-leaf-quart', 1.0, '[gal_us]')->groups[0]->load;
}

/** @return list<Remedy> */
function waysOut(Load $load, Slips $slips, float $capacity = 3785.411784): array
{
    $ceilings = new Ceilings(Limits::shipped());

    return (new WayOut(new Bounds($ceilings->of(Target::of(RecipeUse::Foliar, null)), $capacity), $ceilings->of(Target::of(RecipeUse::Drench, ToleranceCatalogue::shipped()->emptyBed())), Kit::kitchen()->planner()))->remedies($load, $slips);
}

/** @param list<Remedy> $ways */
function wayOf(array $ways, RemedyKind $kind): Remedy
{
    return array_values(array_filter($ways, static fn(Remedy $one): bool => $one->kind === $kind))[0] ?? throw new LogicException("No {$kind->value} among them.");
}

it('makes room in a full sprayer for the soap that was forgotten, and says so first', function (): void {
    $load = gallonByTheQuart();
    $ways = waysOut($load, new Slips(['castile-soap' => [0.0, 0.0]]));
    expect($ways[0]->kind)->toBe(RemedyKind::MakeRoom)->and($ways[0]->asPlanned)->toBeTrue()->and($ways[0]->wasted)->toBe(0.0)
        // Two teaspoons are 9.86 mL: ten are poured off, nothing else is missed.
        ->and($ways[0]->pourOff)->toBe(10.0)->and(array_keys($ways[0]->add))->toBe(['castile-soap'])
        ->and($ways[0]->add['castile-soap']->millilitres())->toEqualWithDelta(9.86, 0.5)
        ->and($ways[0]->finished)->toEqualWithDelta(3785.411784, 0.5);
    $words = WayOutWords::shipped()->remedy($ways[0], $load, Unit::UsGallon)['text'];
    expect($words)->toContain('into a clean jar', '2 tsp of castile soap', 'goes back in once you have sprayed some');
});

it('makes room for a cup of alcohol, with what else that takes away', function (): void {
    // A litre of which 237 mL are alcohol and 15 mL soap: pouring 242 mL off takes a quarter of the soap along.
    $load = Plans::of(['recipe' => Plans::recipe([['ingredient' => 'isopropyl-alcohol', 'amount' => 1, 'unit' => '[cup_us]'], ['ingredient' => 'castile-soap', 'amount' => 15, 'unit' => 'mL']], ['amount' => 1, 'unit' => 'L', 'of' => 'finished']), 'make' => ['amount' => 1, 'unit' => 'L']])->groups[0]->load;
    $room = wayOf(waysOut($load, new Slips(['isopropyl-alcohol' => [0.0, 0.0]]), 1000.0), RemedyKind::MakeRoom);
    expect(array_keys($room->add))->toBe(['isopropyl-alcohol', 'castile-soap'])->and($room->pourOff)->toBe(250.0)->and($room->asPlanned)->toBeTrue()->and($room->finished)->toBeLessThanOrEqual(1000.0 + 1e-6);
});

it('takes a little over the mark for what it is', function (): void {
    $load = gallonByTheQuart();
    // Four percent too much water in a sprayer that is full by its own mark: weaker by as much, and nothing to be done.
    $ways = waysOut($load, new Slips([], $load->mixture->water * 1.04));
    expect($ways[0]->kind)->toBe(RemedyKind::AsItIs);
});

it('says how far it reaches where something ran out', function (): void {
    $load = gallonByTheQuart();
    // Half of the neem is there, half of the water is in, the soap is not in yet: half a gallon, with one teaspoon of soap.
    $neem = $load->items['neem-oil']->millilitres();
    $slips = new Slips(['neem-oil' => [$neem / 2, $neem / 2], 'castile-soap' => [0.0, 0.0]], $load->mixture->water / 2.0, ['neem-oil']);
    $smaller = wayOf(waysOut($load, $slips), RemedyKind::SmallerBatch);
    expect($smaller->add['castile-soap']->millilitres())->toEqualWithDelta(4.93, 0.3)->and($smaller->water)->toEqualWithDelta(0.0, 1e-6)
        ->and($smaller->finished)->toEqualWithDelta(3785.411784 / 2, 5.0)->and($smaller->asPlanned)->toBeTrue();
    // Nobody knows whether a quarter of the soap for it went in: what is missing is reckoned from the middle, an eighth. One spoon
    // more or less is within the limits.
    $soap = $load->items['castile-soap']->millilitres();
    $unsure = new Slips(['neem-oil' => [$neem / 2, $neem / 2], 'castile-soap' => [0.0, $soap / 8.0]], $load->mixture->water / 2.0, ['neem-oil']);
    $smaller = wayOf(waysOut($load, $unsure), RemedyKind::SmallerBatch);
    expect(array_keys($smaller->add))->toBe(['castile-soap'])->and($smaller->add['castile-soap']->millilitres())->toEqualWithDelta($soap * (0.5 - 0.0625), 0.05 * $soap);
    // With all of the water in there is no going back, and no neem to add.
    foreach (waysOut($load, new Slips(['neem-oil' => [$neem / 2, $neem / 2]], null, ['neem-oil'])) as $way) {
        expect($way->kind)->not->toBe(RemedyKind::SmallerBatch)->and(array_keys($way->add))->not->toContain('neem-oil');
    }
});

it('names what may stand in, as much as the limits leave, and what it costs', function (): void {
    $plan = Plans::shipped('neem-leaf-quart', 1.0, '[gal_us]');
    $at = LoadAtHand::of($plan->groups[0]->load, Target::of(RecipeUse::Foliar, null), new Circumstances(), Kit::kitchen(), Unit::UsGallon, null);
    $found = StandIns::shipped()->of($at, new Slips(['castile-soap' => [0.0, 0.0]], null, ['castile-soap']), Limits::shipped());
    expect(array_map(static fn(StandIn $one): string => $one->with->slug, $found))->toBe(['dish-detergent', 'saponin-extract', 'polysorbate-20'])
        // Two teaspoons to a gallon of water are 9.76 mL in a gallon of spray; half as much of the detergent.
        ->and($found[0]->measured->millilitres())->toEqualWithDelta(9.86 / 2, 0.3)
        ->and(WayOutWords::shipped()->standIn($found[0]))->toContain('1 tsp of dish detergent', '9.76 mL of castile soap', 'strips wax');
    expect(StandIns::shipped()->of($at, new Slips(['neem-oil' => [0.0, 0.0]], null, ['neem-oil']), Limits::shipped()))->toBe([]);
});

// Two teaspoons of soap (9.76 mL in a gallon of spray) were wanted, and between a quarter and a half of them went in before it ran out: three quarters
// are made good, by half as much detergent, so that what holds the oil is enough at worst.
it('makes good all that may be missing of what ran out', function (): void {
    $load = gallonByTheQuart();
    $soap = $load->items['castile-soap']->millilitres();
    $at = LoadAtHand::of($load, Target::of(RecipeUse::Foliar, null), new Circumstances(), Kit::kitchen(), Unit::UsGallon, null);
    $found = StandIns::shipped()->of($at, new Slips(['castile-soap' => [$soap / 4.0, $soap / 2.0]], null, ['castile-soap']), Limits::shipped());
    expect($found[0]->with->slug)->toBe('dish-detergent')->and($found[0]->missing)->toEqualWithDelta(7.32, 0.08);
});

// The house's own, on the careful side; nothing stands in for neem, alcohol or peroxide. What holds oil holds it by the same rates in both directions.
it('takes for each mL that ran out as much of what stands in for it as was written down', function (string $spent, array $instead): void {
    /** @var array<string, list<array{with: string, times: float}>> $rows */
    $rows = Things::of('ingredients')->column('stand_ins');
    expect(array_column($rows[$spent] ?? [], 'times', 'with'))->toBe($instead);
})->with([
    ['castile-soap', ['dish-detergent' => 0.5, 'saponin-extract' => 1.0, 'polysorbate-20' => 0.5]],
    ['dish-detergent', ['castile-soap' => 2.0, 'polysorbate-20' => 1.0, 'saponin-extract' => 2.0]],
    ['saponin-extract', ['castile-soap' => 1.0, 'polysorbate-20' => 0.5, 'dish-detergent' => 0.5]],
    ['polysorbate-20', ['castile-soap' => 2.0, 'saponin-extract' => 2.0, 'dish-detergent' => 1.0]],
    ['vegetable-oil', ['horticultural-oil' => 1.0, 'paraffin-oil' => 1.0]],
    ['horticultural-oil', ['paraffin-oil' => 1.0, 'vegetable-oil' => 1.0]],
    ['paraffin-oil', ['horticultural-oil' => 1.0, 'vegetable-oil' => 1.0]],
    ['peppermint-oil', ['rosemary-oil' => 1.0]],
    ['rosemary-oil', ['peppermint-oil' => 1.0]],
    ['neem-oil', []],
    ['isopropyl-alcohol', []],
    ['hydrogen-peroxide', []],
    ['baking-soda', ['potassium-bicarbonate' => 1.0]],
]);

it('says how strong it is by its size, never “not quite” of less than half', function (float $share, string $said): void {
    // Neem alone: so much of it went in, and there is no more.
    $load = Plans::of(['recipe' => Plans::recipe([['ingredient' => 'neem-oil', 'amount' => 30, 'unit' => 'mL']], ['amount' => 4, 'unit' => 'L', 'of' => 'finished']), 'make' => ['amount' => 4, 'unit' => 'L']])->groups[0]->load;
    $ways = waysOut($load, new Slips(['neem-oil' => [30.0 * $share, 30.0 * $share]], null, ['neem-oil']), 4000.0);
    expect(WayOutWords::shipped()->remedy(wayOf($ways, RemedyKind::WithinLimits), $load, Unit::Litre)['text'])->toBe("It is no stronger than the plant bears: {$said}. With so little oil it smothers little. Test two leaves first. Write its strength on the sprayer, not the recipe’s.");
})->with([
    'nearly nothing' => [0.05, 'with nearly nothing in it'],
    'a quarter' => [0.25, 'about a quarter as strong as planned'],
    'a third' => [0.34, 'about a third as strong as planned'],
    'half' => [0.5, 'about half as strong as planned'],
    'two thirds' => [0.66, 'about two thirds as strong as planned'],
]);

it('offers what wastes least first, then what is least work, and most of it poured off nearly last', function (): void {
    $load = gallonByTheQuart();
    $neem = $load->items['neem-oil']->millilitres();
    $kinds = static fn(float $times, float $capacity): array => array_map(static fn(Remedy $one): RemedyKind => $one->kind, waysOut($load, new Slips(['neem-oil' => [$neem * $times, $neem * $times]]), $capacity));
    // Two fifths too much, with room for it: water and soap before any pouring off, and water alone, which thins the soap, after both.
    expect($kinds(1.4, 6000.0))->toBe([RemedyKind::BiggerBatch, RemedyKind::PourOff, RemedyKind::AddWater, RemedyKind::AddSoap, RemedyKind::WithinLimits, RemedyKind::Discard])
        // Three times as much in a full sprayer: two thirds would go, and that is said.
        ->and($kinds(3.0, 3785.411784))->toBe([RemedyKind::PourOff, RemedyKind::Discard]);
    $off = waysOut($load, new Slips(['neem-oil' => [$neem * 3.0, $neem * 3.0]]))[0];
    expect(WayOutWords::shipped()->remedy($off, $load, Unit::UsGallon)['text'])->toContain('more than half of it');
});

it('goes on to the whole load where too much went in halfway, with as much poured off as was too much', function (): void {
    $load = gallonByTheQuart();
    $neem = $load->items['neem-oil']->millilitres();
    // Twice the neem is in, half of the water, no soap yet: half of it out, and the rest as planned.
    $way = wayOf(waysOut($load, new Slips(['neem-oil' => [2 * $neem, 2 * $neem], 'castile-soap' => [0.0, 0.0]], $load->mixture->water / 2.0)), RemedyKind::PourOff);
    $before = $load->mixture->water / 2.0 + 2 * $neem;
    expect($way->asPlanned)->toBeTrue()->and(array_keys($way->add))->toBe(['castile-soap'])
        ->and($way->pourOff)->toEqualWithDelta($before / 2, 10.0)->and($way->finished)->toEqualWithDelta(3785.411784, 1.0);
});

// What hands say that lost count: common practice, no source. Five were planned.
it('takes a count as it is said', function (string $said, float $from, float $to): void {
    expect(SaidCount::read($said, 5, '/said'))->toEqualWithDelta([$from, $to], 1e-9);
})->with([
    ['4', 4.0, 4.0], ['2½', 2.5, 2.5], ['2 1/2', 2.5, 2.5], ['three', 3.0, 3.0], ['4 to 6', 4.0, 6.0], ['4-6', 4.0, 6.0], ['four or five', 4.0, 5.0], ['none', 0.0, 0.0], ['0', 0.0, 0.0],
    ['about 6', 4.8, 7.2], ['about 2', 1.0, 3.0], ['two too many', 7.0, 7.0], ['about two too many', 6.0, 8.0], ['one too few', 4.0, 4.0], ['a half too much', 5.5, 5.5], ['1 spoon too many', 6.0, 6.0],
    ['half of it', 2.5, 2.5], ['twice', 10.0, 10.0], ['do not know', 0.0, 10.0], ['I don’t know', 0.0, 10.0], ['lost count', 0.0, 10.0], ['3 spoons', 3.0, 3.0], ['six too few', 0.0, 0.0], ['about one too few', 3.0, 5.0],
]);

/**
 * What is said of slips: where and why they are not heard, or that they are.
 *
 * @param list<array<string, mixed>> $slips
 */
function slipsHeard(Load $load, array $slips): string
{
    try {
        SlipReader::read(JsonText::parse(json_encode($slips, \JSON_THROW_ON_ERROR)), $load);
    } catch (InvalidDocument $fault) {
        return "{$fault->path()}: {$fault->getMessage()}";
    }

    return 'heard';
}

/** @return array<string, mixed> */
function neemSlip(string $said): array
{
    return ['kind' => 'count', 'item' => 'neem-oil', 'scoop' => 0, 'said' => $said];
}

it('refuses what is no count, and says what would be', function (string $said): void {
    expect(slipsHeard(gallonByTheQuart(), [neemSlip($said)]))->toStartWith('/0/said: ')->toContain('two too many');
})->with(['a prayer', '1e300', '-2', '1/0', 'neem', '4 tbsp of neem', '99999']);

it('hears a count of sixty letters, and says of a longer one that it is too long', function (): void {
    $heard = static fn(int $letters): string => slipsHeard(gallonByTheQuart(), [neemSlip('two' . str_repeat(' ', $letters - 11) . 'too many')]);
    expect($heard(60))->toBe('heard')->and($heard(61))->toStartWith('/0/said: ')->toContain('60')->toContain('61');
});

it('bears four things of which nobody is sure, and not five', function (): void {
    $lines = array_map(static fn(string $slug): array => ['ingredient' => $slug, 'amount' => 10, 'unit' => 'mL'], ['neem-oil', 'castile-soap', 'vegetable-oil', 'paraffin-oil', 'rosemary-oil']);
    $load = Plans::of(['recipe' => Plans::recipe($lines, ['amount' => 1, 'unit' => 'L', 'of' => 'water']), 'make' => ['amount' => 1, 'unit' => 'L']])->groups[0]->load;
    $unsure = static fn(int $many): string => slipsHeard($load, array_map(static fn(string $item): array => ['item' => $item] + neemSlip('do not know'), array_slice(array_keys($load->items), 0, $many)));
    expect($unsure(4))->toBe('heard')->and($unsure(5))->toBe(': At most 4 things can be unsure at once. Pour it away and start again.');
});

it('hears ten slips of one load, and no more', function (): void {
    $said = static fn(int $many): string => slipsHeard(gallonByTheQuart(), array_fill(0, $many, neemSlip('4')));
    // Ten are read: what is wrong with these is that all are of one thing.
    expect($said(11))->toStartWith(': ')->toContain('10')->and($said(10))->not->toStartWith(': ');
});

it('holds what it advises against the sums done anew', function (): void {
    $load = gallonByTheQuart();
    foreach ([0.0, 0.3, 0.7] as $share) {
        $soap = $load->items['castile-soap']->millilitres();
        $slips = new Slips(['castile-soap' => [$soap * $share, $soap * $share]]);
        $way = wayOf(waysOut($load, $slips), RemedyKind::MakeRoom);
        $before = $slips->ends($load)[0];
        $after = Tank::after($before, $load, array_map(static fn($plan): float => $plan->millilitres(), $way->add), $way->water, $way->pourOff);
        $soapAfter = array_sum(array_map(static fn($part): float => $part->ingredient->slug === 'castile-soap' ? $part->millilitres : 0.0, $after->parts));
        expect($after)->toBeInstanceOf(Mixture::class)
            ->and($after->finished())->toBeLessThanOrEqual(3785.411784 + 1e-6)
            ->and($soapAfter)->toEqualWithDelta($soap * $share * (1.0 - $way->pourOff / $before->finished()) + $way->add['castile-soap']->millilitres(), 1e-9)
            ->and($soapAfter / $after->finished())->toEqualWithDelta($soap / 3785.411784, 0.06 * $soap / 3785.411784);
    }
});

it('lets forgotten soap go in with the water that brings a plan of its own caution within the limits', function (): void {
    $plan = Plans::shipped('orchard-neem', 3.0, 'L', ['plant' => 'ordinary-leaf']);
    $load = $plan->groups[0]->load;
    $limits = (new Ceilings(Limits::shipped()))->of(Target::of(RecipeUse::Foliar, ToleranceCatalogue::shipped()->get('ordinary-leaf')));
    $drench = (new Ceilings(Limits::shipped()))->of(Target::of(RecipeUse::Drench, ToleranceCatalogue::shipped()->emptyBed()));
    $roomy = (new WayOut(new Bounds($limits, 5000.0), $drench, Kit::kitchen()->planner()))->remedies($load, new Slips(['castile-soap' => [0.0, 0.0]]));
    // Water alone leaves the oil with nothing that holds it.
    expect($roomy[0]->kind)->toBe(RemedyKind::AddMissing)->and(array_keys($roomy[0]->add))->toBe(['castile-soap'])->and(array_column($roomy, 'kind'))->not->toContain(RemedyKind::AddWater);
    $text = WayOutWords::shipped()->remedy($roomy[0], $load, Unit::Litre)['text'];
    expect($text)->toMatch('/of castile soap \\([\d.]+ mL\\), then [\d.]+ L of water/')
        ->and($text)->not->toContain('nearly nothing');
    // Without room for the water some of it goes out first, and with the water in its place goes the soap for what stays.
    $wayFrom = static fn(Slips $slips): Remedy => wayOf((new WayOut(new Bounds($limits, 3000.0), $drench, Kit::kitchen()->planner()))->remedies($load, $slips), RemedyKind::PourOff);
    $forgot = new Slips(['castile-soap' => [0.0, 0.0]]);
    $way = $wayFrom($forgot);
    $before = $forgot->ends($load)[0];
    $stays = 1.0 - $way->pourOff / $before->finished();
    expect(array_keys($way->add))->toBe(['castile-soap'])->and($way->finished)->toBeLessThanOrEqual(3000.0 + 1e-6)
        ->and($way->add['castile-soap']->millilitres())->toEqualWithDelta($stays * $load->items['castile-soap']->millilitres(), 0.06 * $load->items['castile-soap']->millilitres())
        // An ordinary leaf bears 1.1 % of neem (common practice, no source); the last 50 mL of water may take it a little below.
        ->and(100.0 * $stays * $load->items['neem-oil']->millilitres() / $way->finished)->toEqualWithDelta(1.1, 0.03)->toBeLessThanOrEqual(1.1)
        ->and(WayOutWords::shipped()->remedy($way, $load, Unit::Litre)['text'])->toMatch('/^Shake it, pour 8[\d]0 mL off .*, then add .* of castile soap \([\d.]+ mL\), then 8[\d]+ mL of water, up to the 3 L mark\./')
        // It is as strong as the leaf bears: nothing in it is too little.
        ->and(WayOutWords::shipped()->remedy($way, $load, Unit::Litre)['text'])->not->toContain('so little');
    // Where there is none left it says what the spray is without.
    $without = $wayFrom(new Slips(['castile-soap' => [0.0, 0.0]], null, ['castile-soap']));
    expect($without->add)->toBe([])->and(WayOutWords::shipped()->remedy($without, $load, Unit::Litre)['text'])->toContain('hardly any soap');
});

// By hand: a spray counts as made from three quarters of what was planned on (ours); of a plan over its limit what the limit leaves is as
// much as there should be; soap that holds oil is enough where it is as much as the oil is.
it('says what is too little by what there should be of it', function (array $times, array $planned, array $short): void {
    /**
     * @var array<string, array{float, float}> $times
     * @var array<string, float>               $planned
     */
    expect((new Remedy(RemedyKind::AddWater, times: $times, planned: $planned))->short())->toBe($short);
})->with([
    'half of the oil' => [['oil' => [0.5, 0.5]], ['oil' => 0.8], ['oil']],
    'half of twice what is borne' => [['oil' => [0.5, 0.5]], ['oil' => 2.0], []],
    'a third of it' => [['oil' => [0.33, 0.4]], ['oil' => 2.0], ['oil']],
    'soda beside oil that was too strong' => [['oil' => [0.5, 0.5], 'soda' => [0.5, 0.5]], ['oil' => 2.0, 'soda' => 0.9], ['soda']],
    'soap by itself' => [['soap' => [0.7, 0.7]], ['soap' => 1.0], ['soap']],
    'soap with as little oil' => [['oil' => [0.7, 0.7], 'soap' => [0.7, 0.7]], ['oil' => 1.0, 'soap' => 0.2], ['oil']],
    'soap with all of the oil' => [['oil' => [1.0, 1.0], 'soap' => [0.7, 0.7]], ['oil' => 1.0, 'soap' => 0.2], ['soap']],
    'soap with oil that may be more' => [['oil' => [0.7, 1.0], 'soap' => [0.7, 0.7]], ['oil' => 1.5, 'soap' => 0.2], ['soap']],
    'soap with more oil than planned' => [['oil' => [1.2, 1.2], 'soap' => [0.74, 0.8]], ['oil' => 1.0, 'soap' => 0.2], ['soap']],
    'soap with scent' => [['essential' => [0.5, 0.5], 'soap' => [0.5, 0.5]], ['essential' => 2.0, 'soap' => 0.2], []],
    'hardly any oil' => [['oil' => [0.0, 0.0], 'soap' => [0.7, 0.7]], ['oil' => 1.5], ['oil']],
    'at three quarters' => [['oil' => [0.75, 0.75], 'alcohol' => [0.74, 0.9]], [], ['alcohol']],
]);

// Our own: what is poured is said to 10 mL, and to 50 above a litre.
it('pours by steps that hands can pour', function (float $needed, float $poured): void {
    expect(InTheSprayer::upwards($needed))->toEqualWithDelta($poured, 1e-9);
})->with([[3.0, 10.0], [10.0, 10.0], [10.1, 20.0], [994.0, 1000.0], [1000.0, 1000.0], [1001.0, 1050.0], [1051.0, 1100.0], [1100.0, 1100.0]]);

it('counts a move for each spoonful, and one for each pouring', function (float $water, float $pourOff, int $moves): void {
    $spoons = Kit::kitchen()->planner()->plan(9.86);
    expect((new Remedy(RemedyKind::PourOff, ['soap' => $spoons], $water, $pourOff))->moves())->toBe($spoons->taps() + $moves);
})->with([[0.0, 0.0, 0], [50.0, 0.0, 1], [0.0, 50.0, 1], [50.0, 50.0, 2]]);

it('lets a spray go as it is that has two fifths too much water, since its soap is as little as its oil, and not one whose soap is half forgotten', function (): void {
    $load = gallonByTheQuart();
    $thin = wayOf(waysOut($load, new Slips([], $load->mixture->water * 1.4), 6000.0), RemedyKind::WithinLimits);
    expect($thin->short())->toBe(['oil']);
    $soap = $load->items['castile-soap']->millilitres();
    expect(array_column(waysOut($load, new Slips(['castile-soap' => [$soap / 2, $soap / 2]]), 6000.0), 'kind'))->not->toContain(RemedyKind::WithinLimits);
});
