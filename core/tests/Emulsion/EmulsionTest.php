<?php

declare(strict_types=1);

use IdleMixer\Core\Emulsion\Agitation;
use IdleMixer\Core\Emulsion\Contents;
use IdleMixer\Core\Emulsion\Creaming;
use IdleMixer\Core\Emulsion\Droplets;
use IdleMixer\Core\Emulsion\Emulsifier;
use IdleMixer\Core\Emulsion\EmulsionTable;
use IdleMixer\Core\Emulsion\EmulsionVerdict;
use IdleMixer\Core\Emulsion\GlassReading;
use IdleMixer\Core\Emulsion\Hand;
use IdleMixer\Core\Emulsion\HardnessClass;
use IdleMixer\Core\Emulsion\HardnessUnit;
use IdleMixer\Core\Emulsion\Stokes;
use IdleMixer\Core\Emulsion\UnknownFigure;
use IdleMixer\Core\Emulsion\WaterAt;
use IdleMixer\Core\Emulsion\WaterKind;
use IdleMixer\Core\Ingredient\Substance;
use IdleMixer\Core\Mix\Mixture;
use IdleMixer\Core\Plan\Plan;
use IdleMixer\Core\Quantity\InvalidQuantity;
use IdleMixer\Core\Recipe\MixingOrder;
use IdleMixer\Core\Recipe\RecipeCatalogue;
use IdleMixer\Core\Recipe\RecipeWriter;
use IdleMixer\Core\Safety\Verdict;
use IdleMixer\Core\Tests\Support\NodeScript;
use IdleMixer\Core\Tests\Support\Plans;
use IdleMixer\Core\Writing\PlanWriter;
use Random\Engine\Mt19937;
use Random\Randomizer;

it('has the density and viscosity of water that handbooks give', function (float $celsius, float $density, float $viscosity): void {
    // IAPWS / CRC Handbook (written down from memory): 2 %.
    expect(WaterAt::celsius($celsius)->density() / $density)->toEqualWithDelta(1.0, 0.0005)
        ->and(WaterAt::celsius($celsius)->viscosity() / $viscosity)->toEqualWithDelta(1.0, 0.02);
})->with([[10.0, 999.7, 1.306], [20.0, 998.2, 1.002], [25.0, 997.05, 0.890], [30.0, 995.65, 0.797], [40.0, 992.2, 0.653]]);

it('takes water from where it freezes to what a hand bears for a moment', function (float $celsius): void {
    expect(WaterAt::celsius($celsius)->celsius)->toBe($celsius);
})->with([[0.0], [60.0]]);

it('refuses ice and steam', function (float $celsius): void {
    WaterAt::celsius($celsius);
})->throws(InvalidQuantity::class)->with([[-0.1], [60.1], [\NAN]]);

it('lets droplets rise as Stokes has it', function (float $micrometres, float $seconds): void {
    // Stokes (1851), computed: density gap 78 kg/m³, 1.0 mPa s, over 10 cm; 100 µm rise at 0.425 mm/s.
    $stokes = new Stokes(78.0, 1.0);

    expect($stokes->speed(100.0))->toEqualWithDelta(0.425, 0.0005)
        ->and(100.0 / $stokes->speed($micrometres) / $seconds)->toEqualWithDelta(1.0, 0.02);
})->with([[100.0, 235.0], [200.0, 59.0], [10.0, 6.5 * 3600]]);

it('converts hardness', function (HardnessUnit $unit, float $milligrams): void {
    // Definitions (written down from memory): to 0.1 %.
    expect($unit->milligramsPerLitre() / $milligrams)->toEqualWithDelta(1.0, 0.001);
})->with([[HardnessUnit::GrainPerUsGallon, 17.118], [HardnessUnit::GermanDegree, 17.848], [HardnessUnit::EnglishDegree, 14.254], [HardnessUnit::FrenchDegree, 10.0], [HardnessUnit::MilligramPerLitre, 1.0]]);

it('puts hardness into a word', function (float $hardness, HardnessClass $class): void {
    // USGS classes (from memory).
    expect(HardnessClass::of($hardness))->toBe($class)->and(HardnessClass::of($class->milligramsPerLitre()))->toBe($class);
})->with([[0.0, HardnessClass::Soft], [60.0, HardnessClass::Soft], [60.1, HardnessClass::Moderate], [120.0, HardnessClass::Moderate], [180.0, HardnessClass::Hard], [180.1, HardnessClass::VeryHard]]);

it('loses the soap that stoichiometry says', function (): void {
    // Computed: 100 mg/L CaCO3 takes 0.64 g of potassium oleate a litre, about 1.7 mL of a castile of 37 % solids.
    expect(Emulsifier::shipped()->lossPerLitre(100.0))->toEqualWithDelta(1.7, 0.17)
        ->and(Emulsifier::shipped()->lossPerLitre(100.0) * 0.37 * 1.03)->toEqualWithDelta(0.64, 0.064)
        ->and(Emulsifier::shipped()->lossPerLitre(0.0))->toBe(0.0);
});

function mixtureOf(string $slug): Mixture
{
    return Plans::shipped($slug, 1.0, 'L')->whole;
}

function held(string $slug, float $hardness, ?MixingOrder $order = null): EmulsionVerdict
{
    $document = RecipeWriter::write(RecipeCatalogue::shipped()->get($slug));

    return Plans::of(['recipe' => $order === null ? $document : [...$document, 'order' => $order->value], 'make' => ['amount' => 1, 'unit' => 'L'], 'water' => ['hardness' => ['amount' => $hardness, 'unit' => 'mg/L']]])->emulsion->verdict;
}

it('loses nothing of what is no true soap', function (string $slug): void {
    expect(Emulsifier::shipped()->budget(Contents::of(mixtureOf($slug)), 400.0)->lost)->toBe(0.0);
})->with([['true-neem-emulsion'], ['soda-leaf-spray'], ['mint-oil-by-the-cup']]);

it('finds the castile of the leaf spray enough in soft water and short in very hard', function (): void {
    // Common practice, no source.
    expect(held('neem-leaf-quart', 30.0))->toBe(EmulsionVerdict::Enough)
        ->and(held('neem-leaf-quart', 300.0))->toBe(EmulsionVerdict::Short)
        ->and(held('true-neem-emulsion', 300.0))->toBe(EmulsionVerdict::Enough);
});

it('finds that two drops do not hold thirty millilitres of oil', function (): void {
    // Common practice, no source: most of the small ones do not hold.
    expect(held('winter-wood-oil', 0.0, MixingOrder::AllTogether))->not->toBe(EmulsionVerdict::Enough)
        ->and(held('neem-by-the-gallon', 0.0))->toBe(EmulsionVerdict::Short);
});

function reshake(string $slug, MixingOrder $order, float $celsius = 20.0): float
{
    $emulsifier = Emulsifier::shipped();

    return $emulsifier->reshakeSeconds($emulsifier->creaming(Contents::of(mixtureOf($slug)), 30.0, $order, $celsius));
}

it('holds once what it asks for was folded in, in spoons and within what a leaf bears of soap', function (string $slug, float $hardness): void {
    $document = RecipeWriter::write(RecipeCatalogue::shipped()->get($slug));
    $plan = static fn(array $recipe): Plan => Plans::of(['recipe' => $recipe, 'make' => ['amount' => 1, 'unit' => '[gal_us]'], 'water' => ['hardness' => ['amount' => $hardness, 'unit' => 'mg/L']]]);
    $before = $plan($document);
    $remedy = PlanWriter::shipped()->write($before)->emulsion->remedy;
    if ($before->emulsion->verdict !== EmulsionVerdict::Short) {
        expect($remedy)->toBeNull();

        return;
    }
    assert($remedy !== null && $remedy->line !== null && is_array($document['lines']));
    $line = ['ingredient' => $remedy->line->ingredient, 'amount' => $remedy->line->amount, 'unit' => $remedy->line->unit];
    $others = array_values(array_filter($document['lines'], static fn(mixed $one): bool => ! is_array($one) || ($one['ingredient'] ?? null) !== $line['ingredient']));
    $after = $plan([...$document, 'slug' => 'mended', 'lines' => [...$others, $line]]);

    expect($after->emulsion->verdict)->toBe(EmulsionVerdict::Enough)->and($after->strengths->percent(Substance::TrueSoap))->toBeLessThanOrEqual(2.0)
        ->and(array_filter($after->verdicts, static fn(Verdict $verdict): bool => str_starts_with($verdict->code, 'measure-coarse') && ($verdict->args['name'] ?? '') === 'castile soap'))->toBe([]);
})->with([['neem-leaf-quart'], ['neem-by-the-gallon'], ['mild-neem'], ['soda-and-neem'], ['kitchen-oil-by-the-quart'], ['beetle-neem'], ['orchard-neem']])->with([[0.0], [120.0], [300.0]]);

it('wants shaking where practice puts it', function (): void {
    // Common practice, no source: every 30 to 60 s, allowing a factor of two; emulsifier first holds for hours.
    expect(reshake('neem-leaf-quart', MixingOrder::AllTogether))->toBeGreaterThan(15.0)->toBeLessThan(120.0)
        ->and(reshake('neem-leaf-quart', MixingOrder::EmulsifierFirst))->toBeGreaterThan(3600.0)
        ->and(reshake('egg-and-oil-milk', MixingOrder::Blender))->toBeGreaterThan(reshake('neem-leaf-quart', MixingOrder::EmulsifierFirst));
});

it('shows oil on a glass of the coarse school within about a minute', function (): void {
    // Common practice, no source: let a glass stand one minute.
    $emulsifier = Emulsifier::shipped();
    $mixture = mixtureOf('neem-by-the-gallon');
    $creaming = $emulsifier->creaming(Contents::of($mixture), 0.0, MixingOrder::AllTogether, 20.0);
    $layer = 0.00775 * 80.0 * $creaming->onTop(80.0, 60.0);

    expect($layer)->toBeGreaterThan(EmulsionTable::shipped()->value('ring-seen'));
});

it('ends an unshaken tank with far more oil than was mixed', function (): void {
    // Common practice, no source: first water is sprayed, at the end nearly neat oil.
    $emulsifier = Emulsifier::shipped();
    $coarse = $emulsifier->creaming(Contents::of(mixtureOf('neem-by-the-gallon')), 0.0, MixingOrder::AllTogether, 20.0)->tenths(200.0, 600.0);
    $fine = $emulsifier->creaming(Contents::of(mixtureOf('true-neem-emulsion')), 0.0, MixingOrder::EmulsifierFirst, 20.0)->tenths(200.0, 600.0);

    expect($coarse[0])->toBeLessThan(0.5)->and($coarse[9])->toBeGreaterThan(5.0)->and($fine[9])->toBeLessThan(1.1);
});

it('keeps to what must hold whatever the numbers', function (): void {
    $random = new Randomizer(new Mt19937(7));
    $number = static fn(int $low, int $high): float => $random->getInt($low * 1000, $high * 1000) / 1000.0;
    $emulsifier = Emulsifier::shipped();
    $mixture = mixtureOf('neem-leaf-quart');
    for ($i = 0; $i < 500; ++$i) {
        [$soft, $hard] = [$number(0, 300), $number(300, 600)];
        $easy = $emulsifier->budget(Contents::of($mixture), $soft);
        $tough = $emulsifier->budget(Contents::of($mixture), $hard);
        expect($tough->needed + $tough->lost)->toBeGreaterThanOrEqual($easy->needed + $easy->lost)
            ->and($tough->free())->toBeLessThanOrEqual($easy->free())
            ->and($tough->missing())->toBeGreaterThanOrEqual($easy->missing());

        $size = $number(1, 300);
        [$cold, $warm] = [$number(1, 29), $number(30, 59)];
        $at = static fn(float $celsius, float $d): float => Stokes::in(WaterAt::celsius($celsius), 0.92)->speed($d);
        expect($at($warm, $size))->toBeGreaterThan($at($cold, $size))->and($at($cold, $size / 2))->toBeLessThan($at($cold, $size));

        $creaming = new Creaming(new Droplets($size, 1.0 + $number(0, 2) + 0.01), Stokes::in(WaterAt::celsius($cold), 0.92));
        $tenths = $creaming->tenths($number(50, 400), $number(60, 2000));
        expect(array_sum($tenths))->toEqualWithDelta(10.0, 1e-6)->and(min($tenths))->toBeGreaterThanOrEqual(0.0);
        $early = $number(0, 600);
        $late = $early + $number(0, 600);
        expect($creaming->drawn(15.0, $late))->toBeLessThanOrEqual($creaming->drawn(15.0, $early))
            ->and($creaming->onTop(80.0, $late))->toBeGreaterThanOrEqual($creaming->onTop(80.0, $early));
    }
});

it('gives back the droplet from what the glass showed', function (float $median): void {
    $stokes = Stokes::in(WaterAt::celsius(20.0), 0.92);
    $ring = EmulsionTable::shipped()->value('ring-seen');
    $creaming = new Creaming(new Droplets($median, 1.7), $stokes);
    // Generated second by second, as an eye would see it.
    $seconds = 1;
    for (; 0.0078 * 80.0 * $creaming->onTop(80.0, (float) $seconds) < $ring; ++$seconds) {
        continue;
    }

    expect((new GlassReading((float) $seconds, 80.0, 0.0078))->medianDiameter($stokes, 1.7, $ring) / $median)->toEqualWithDelta(1.0, 0.1);
})->with([[10.0], [25.0], [50.0], [80.0]]);

// The house's own bounds: no glass shows drops below a tenth of a micrometre, nor above three millimetres.
it('reads no smaller and no larger drops than a glass can show', function (float $seconds, float $bound): void {
    $stokes = Stokes::in(WaterAt::celsius(20.0), 0.92);
    expect((new GlassReading($seconds, 80.0, 0.0078))->medianDiameter($stokes, 1.7, EmulsionTable::shipped()->value('ring-seen')))->toEqualWithDelta($bound, 0.001 * $bound);
})->with([[1e15, 0.1], [1e-12, 3000.0]]);

it('refuses a reading that cannot be', function (float $seconds): void {
    new GlassReading($seconds, 80.0, 0.01);
})->throws(InvalidQuantity::class)->with([[0.0], [-1.0], [\INF]]);

it('learns a hand from two readings and not from one', function (): void {
    expect(Hand::coarseness([2.0]))->toBe(1.0)->and(Hand::coarseness([2.0, 0.5]))->toEqualWithDelta(1.0, 1e-12)->and(Hand::coarseness([2.0, 2.0, 2.0]))->toEqualWithDelta(2.0, 1e-12);
});

it('cuts the distribution as the normal quantile of a reference library has it', function (): void {
    // jstat (npm): quantiles of the standard normal.
    $shares = [0.001, 0.0125, 0.2, 0.5, 0.8, 0.975, 0.9999];
    $reference = NodeScript::run("import jstat from 'jstat'; let t=''; for await (const c of process.stdin) t+=c; process.stdout.write(JSON.stringify(JSON.parse(t).map(p => jstat.jStat.normal.inv(p, 0, 1))));", $shares);
    foreach ($shares as $i => $share) {
        expect(log((new Droplets(1.0, \M_E))->quantile($share)))->toEqualWithDelta($reference[$i] ?? null, 1e-6);
    }
});

it('cuts twenty equal shares in their middles', function (): void {
    $droplets = new Droplets(50.0, 1.7);
    foreach ($droplets->diameters() as $i => $diameter) {
        expect($diameter / $droplets->quantile(($i + 0.5) / 20))->toEqualWithDelta(1.0, 1e-6);
    }
    expect($droplets->diameters())->toHaveCount(20);
});

it('knows its figures', function (): void {
    EmulsionTable::shipped()->value('nothing');
})->throws(UnknownFigure::class);

it('breaks oil up the finer the harder it is worked', function (): void {
    // Common practice, no source: stirred, shaken, shaken hard, whisked, blended.
    $all = array_map(Emulsifier::shipped()->coarseness(...), Agitation::cases());
    $sorted = $all;
    rsort($sorted);
    expect($all)->toBe($sorted)->and(Emulsifier::shipped()->coarseness(Agitation::HandShake))->toBe(1.0)
        // How much finer or coarser: the house's own.
        ->and($all)->toBe([2.0, 1.0, 0.7, 0.5, 0.2]);
});

it('knows which waters are soft without asking', function (): void {
    expect(HardnessClass::of(WaterKind::Rain->milligramsPerLitre() ?? 999.0))->toBe(HardnessClass::Soft)
        ->and(WaterKind::Distilled->milligramsPerLitre())->toBe(0.0)
        ->and(HardnessClass::of(WaterKind::Softened->milligramsPerLitre() ?? 999.0))->toBe(HardnessClass::Soft)
        ->and(WaterKind::Tap->milligramsPerLitre())->toBeNull()->and(WaterKind::Well->milligramsPerLitre())->toBeNull();
});

it('mixes cold neem coarser', function (): void {
    // Common practice, no source: neem thickens in the cold.
    $emulsifier = Emulsifier::shipped();
    $size = static fn(float $celsius): float => $emulsifier->droplets(Contents::of(mixtureOf('neem-leaf-quart')), 0.0, MixingOrder::AllTogether, $celsius)->median;

    expect($size(8.0))->toBeGreaterThan($size(18.0))->and($size(18.0))->toBe($size(35.0));
});

it('says for the order that is chosen what it says of it among all orders', function (string $slug): void {
    foreach (MixingOrder::cases() as $order) {
        $recipe = json_decode(RecipeCatalogue::shipped()->document($slug), true);
        assert(is_array($recipe));
        $emulsion = PlanWriter::shipped()->write(Plans::of(['recipe' => [...$recipe, 'slug' => 'mine', 'order' => $order->value], 'make' => ['amount' => 1, 'unit' => 'L']]))->emulsion;
        $mine = array_values(array_filter($emulsion->orders, static fn($one): bool => $one->order === $order->value))[0] ?? null;
        expect($mine?->reshake_seconds)->toBe($emulsion->reshake_seconds)->toBeGreaterThan(0.0);
    }
})->with(['neem-leaf-quart', 'kitchen-oil-by-the-quart', 'true-neem-emulsion', 'winter-wood-oil']);
