<?php

declare(strict_types=1);

use App\Models\ShelfBottle;
use Illuminate\Support\Facades\Artisan;
use Illuminate\Support\Facades\Date;
use Illuminate\Support\Facades\DB;
use Random\Engine\Mt19937;
use Random\Randomizer;
use Tests\Feature\Answer;
use Tests\Feature\Intake;
use Tests\Feature\Notebook;

/** @param array<string, mixed> $more */
function putOnShelf(string $ingredient, array $more = []): int
{
    return Notebook::sent('/api/shelf', ['words' => str_replace('-', ' ', $ingredient), 'ingredient' => $ingredient, ...$more])->id();
}

it('keeps a bottle by the name that the household gives it, and tells what is left of it', function (): void {
    $id = putOnShelf('vegetable-oil', ['words' => 'the green one', 'amount' => 500, 'unit' => 'mL', 'tenths' => 4, 'openedOn' => '2026-05-01', 'price' => 3.5]);
    $bottle = Notebook::get('/api/shelf');
    expect($bottle->text('bottles.0.words'))->toBe('the green one')
        ->and($bottle->number('bottles.0.leftMl'))->toEqual(200)
        ->and($bottle->text('bottles.0.leftWords'))->toContain('200 mL')
        ->and($bottle->at('bottles.0.share'))->toEqual(0.4);
    Notebook::change("/api/shelf/{$id}", ['words' => 'the green one', 'ingredient' => 'vegetable-oil', 'amount' => 500, 'unit' => 'mL', 'tenths' => 1]);
    expect(Notebook::get('/api/shelf')->number('bottles.0.leftMl'))->toEqual(50);
    Notebook::change("/api/shelf/{$id}/retired", ['retired' => true]);
    expect(Notebook::get('/api/shelf')->list('bottles'))->toBe([]);
});

it('reads a recipe by the names that the household gave its bottles', function (): void {
    putOnShelf('vegetable-oil', ['words' => 'the green one']);
    $heard = Notebook::post('/api/compose', ['name' => 'Mine', 'use' => 'foliar', 'order' => 'all-together', 'notes' => '', 'lines' => ['1 litre water', '10 ml the green one']]);
    expect($heard->text)->toContain('vegetable-oil');
});

it('leaves what is left as it is where only something else is corrected', function (): void {
    $id = putOnShelf('castile-soap', ['amount' => 100, 'unit' => 'mL', 'tenths' => 1]);
    Notebook::mixed(null, ['recipe' => 'plain-soap', 'make' => ['amount' => 970, 'unit' => 'mL']]);
    $left = Notebook::get('/api/shelf')->number('bottles.0.leftMl');
    expect($left)->toEqualWithDelta(0.3, 0.01);
    Notebook::change("/api/shelf/{$id}", ['words' => 'castile soap', 'ingredient' => 'castile-soap', 'amount' => 100, 'unit' => 'mL', 'price' => 7]);
    expect(Notebook::get('/api/shelf')->number('bottles.0.leftMl'))->toEqualWithDelta($left, 1e-9)->and(Notebook::get('/api/shelf')->number('bottles.0.price'))->toEqual(7);
});

it('reads what people call a bottle, asks what it does not know, and says why not', function (string $words, ?string $ingredient, string $says, int $answers): void {
    $heard = Notebook::get('/api/shelf/read?words=' . rawurlencode($words));
    expect($heard->at('ingredient'))->toBe($ingredient)
        ->and($heard->text('says'))->toContain($says)
        ->and(count($heard->list('answers')))->toBeGreaterThanOrEqual($answers);
})->with([
    ['peanut oil', 'vegetable-oil', '', 0],
    ['soap', 'castile-soap', 'taken as castile soap', 0],
    ['alcohol 96 %', null, '96', 0],
    ['bleach', null, 'leach', 0],
    ['glitter', null, 'glitter', 0],
    ['', null, '', 0],
]);

it('says what is wrong with a bottle, and where', function (array $more, string $path): void {
    /** @var array<string, mixed> $more */
    $answer = Notebook::sent('/api/shelf', ['words' => 'x', 'ingredient' => 'neem-oil', ...$more]);
    expect($answer->status)->toBe(422)->and($answer->text('error.path'))->toBe($path);
})->with([
    [['ingredient' => 'moonshine'], '/ingredient'], [['words' => ''], '/words'], [['tenths' => 11], '/tenths'], [['amount' => -1, 'unit' => 'mL'], '/amount'],
    [['amount' => 1e300, 'unit' => 'mL'], '/amount'], [['amount' => 5], '/amount'], [['amount' => 5, 'unit' => 'Cel'], '/unit'], [['strength' => 70], '/strength'], [['openedOn' => 'yesterday'], '/openedOn'], [['price' => -1], '/price'],
]);

// 5 mL of neem and 10 mL of soap to a litre of water make 1,015 mL (common practice, no source).
it('takes from the shelf what went into a batch, and gives it back with the batch', function (): void {
    putOnShelf('neem-oil', ['amount' => 100, 'unit' => 'mL', 'tenths' => 10]);
    putOnShelf('castile-soap', ['amount' => 1, 'unit' => 'L', 'tenths' => 5]);
    putOnShelf('baking-soda');
    $batch = Notebook::mixed(null, ['recipe' => 'gentle-neem', 'make' => ['amount' => 1015, 'unit' => 'mL']]);
    $left = static fn(): array => array_column(Notebook::get('/api/shelf')->list('bottles'), 'leftMl', 'ingredient');
    expect($left()['neem-oil'])->toEqualWithDelta(95.0, 0.01)->and($left()['castile-soap'])->toEqualWithDelta(490.0, 0.01)->and($left()['baking-soda'])->toBeNull();
    Notebook::change("/api/batches/{$batch}/taken-back", ['takenBack' => true]);
    expect($left()['neem-oil'])->toEqualWithDelta(100.0, 1e-6)->and($left()['castile-soap'])->toEqualWithDelta(500.0, 1e-6);
});

it('makes what can be made of it, and the choice of a case says the same', function (): void {
    $case = Notebook::case(Notebook::plant());
    expect(Notebook::get("/api/shelf/made?case={$case}")->list('sprays'))->toBe([]);
    putOnShelf('castile-soap', ['amount' => 100, 'unit' => 'mL', 'tenths' => 1]);
    $made = Notebook::get("/api/shelf/made?case={$case}");
    $choice = Notebook::post("/api/cases/{$case}/choice", ['stage' => 'any', 'severity' => 'moderate']);
    expect($made->text('sprays.0.slug'))->toBe('plain-soap')
        ->and($choice->text('proposed.0.slug'))->toBe('plain-soap')
        ->and($made->text('lacking.0.lacks'))->not->toBe('');
    // 10 mL of soap are enough for a litre, and a fill is a US quart.
    expect($made->text('sprays.0.ends'))->toBe('');
    ShelfBottle::query()->update(['version' => DB::raw('version + 1'), 'tenths' => 0]);
    expect(Notebook::get("/api/shelf/made?case={$case}")->list('sprays'))->toBe([]);
    // Vegetable oil and dish soap: nothing is said to be missing for the kitchen oil.
    ShelfBottle::query()->update(['version' => DB::raw('version + 1'), 'ingredient' => 'vegetable-oil', 'words' => 'sunflower', 'amount' => 1, 'unit' => 'L', 'tenths' => 9]);
    putOnShelf('dish-detergent');
    $now = Notebook::get("/api/shelf/made?case={$case}");
    $at = array_search('castile-and-kitchen-oil', array_column($now->list('sprays'), 'slug'), true);
    expect($at)->not->toBeFalse()->and($now->text("sprays.{$at}.instead.0"))->toContain('instead of castile soap');
    $document = Notebook::get('/api/shelf/recipes/castile-and-kitchen-oil');
    expect(array_column($document->list('document.lines'), 'ingredient'))->toBe(['dish-detergent', 'vegetable-oil']);
});

it('makes bottles of a cupboard that was ticked before there was a shelf', function (): void {
    $case = Notebook::case(Notebook::plant());
    DB::table('cases')->where('id', $case)->update(['situation' => '{"cupboard":["castile-soap","neem-oil"]}']);
    Notebook::undoneFrom('2026_11_30_000035');
    Artisan::call('migrate', ['--force' => true]);
    expect(array_column(Notebook::get('/api/shelf')->list('bottles'), 'ingredient'))->toBe(['castile-soap', 'neem-oil']);
});

// A litre of gentle neem spray takes 5 mL of neem and 10 mL of soap, reckoned as above; what is added is poured, what is spilled was, and by the same spoons it is 10 mL of the other.
it('takes what was added and what was taken instead, and nothing for what was spilled or thinned', function (array $lines, float $neem, float $castile, float $dish): void {
    foreach (['neem-oil', 'castile-soap', 'dish-detergent'] as $slug) {
        putOnShelf($slug, ['amount' => 500, 'unit' => 'mL', 'tenths' => 10]);
    }
    $batch = Notebook::mixed(null, ['recipe' => 'gentle-neem', 'make' => ['amount' => 1015, 'unit' => 'mL']]);
    $of = static fn(): array => array_column(Notebook::get('/api/shelf')->list('bottles'), 'leftMl', 'ingredient');
    /** @var list<array<string, mixed>> $lines */
    foreach ($lines as $line) {
        $answer = Notebook::post("/api/batches/{$batch}/lines", ['submission' => Notebook::submission(), ...$line]);
        expect($answer->status)->toBe(201, $answer->text);
    }
    expect($of()['neem-oil'])->toEqualWithDelta(500.0 - $neem, 1e-6)->and($of()['castile-soap'])->toEqualWithDelta(500.0 - $castile, 1e-6)->and($of()['dish-detergent'])->toEqualWithDelta(500.0 - $dish, 1e-6);
})->with([
    'as planned' => [[], 5.0, 10.0, 0.0],
    'two mL of soap more' => [[['kind' => 'added', 'ingredient' => 'castile-soap', 'amount' => ['amount' => 2, 'unit' => 'mL']]], 5.0, 12.0, 0.0],
    'half of it spilled' => [[['kind' => 'spilled', 'share' => 0.5]], 5.0, 10.0, 0.0],
    'more water' => [[['kind' => 'thinned', 'amount' => ['amount' => 100, 'unit' => 'mL']]], 5.0, 10.0, 0.0],
    'dish soap by the same spoons' => [[['kind' => 'swapped', 'item' => 'castile-soap', 'ingredient' => 'dish-detergent']], 5.0, 0.0, 10.0],
    'spilled, then three mL of neem more' => [[['kind' => 'spilled', 'share' => 0.25], ['kind' => 'added', 'ingredient' => 'neem-oil', 'amount' => ['amount' => 3, 'unit' => 'mL']]], 8.0, 10.0, 0.0],
]);

it('leaves what was said less what was poured, over batches, additions, corrections, take-backs and a log that is taken in again', function (int $seed): void {
    $random = new Randomizer(new Mt19937($seed));
    Date::setTestNow('2026-03-01T08:00:00Z');
    $ids = ['neem-oil' => putOnShelf('neem-oil', ['amount' => 10, 'unit' => 'L', 'tenths' => 10]), 'castile-soap' => putOnShelf('castile-soap', ['amount' => 20, 'unit' => 'L', 'tenths' => 10])];
    $whole = ['neem-oil' => 10_000.0, 'castile-soap' => 20_000.0];
    $left = $whole;
    /** @var array<int, array<string, float>> $poured by batch, what is still taken from what was said last */
    $poured = [];
    $told = static fn(): array => array_column(Notebook::get('/api/shelf')->list('bottles'), 'leftMl', 'ingredient');
    for ($acts = getenv('MIXER_LONG') === '1' ? 1_000 : 40; $acts > 0; --$acts) {
        Date::setTestNow(Date::now()->addMinutes(7));
        $act = $random->getInt(0, 9);
        if ($act < 6 || $poured === []) {
            // 5 mL of neem and 10 mL of soap in 1,015 mL.
            $make = $random->getInt(200, 5_000);
            $batch = Notebook::mixed(null, ['recipe' => 'gentle-neem', 'make' => ['amount' => $make, 'unit' => 'mL']]);
            $poured[$batch] = ['neem-oil' => 5.0 * $make / 1015.0, 'castile-soap' => 10.0 * $make / 1015.0];
        } elseif ($act === 6) {
            $batch = array_keys($poured)[$random->getInt(0, count($poured) - 1)];
            $more = $random->getInt(1, 20);
            $sent = Notebook::post("/api/batches/{$batch}/lines", ['submission' => Notebook::submission(), 'kind' => 'added', 'ingredient' => 'castile-soap', 'amount' => ['amount' => $more, 'unit' => 'mL']]);
            // What was mixed before the bottle was said anew is over; what is added to it now is poured now.
            $poured[$batch]['castile-soap'] += $sent->status === 201 ? (float) $more : 0.0;
        } elseif ($act === 7) {
            $batch = array_keys($poured)[$random->getInt(0, count($poured) - 1)];
            Notebook::change("/api/batches/{$batch}/taken-back", ['takenBack' => true]);
            unset($poured[$batch]);
        } elseif ($act === 8) {
            $slug = $random->getInt(0, 1) === 0 ? 'neem-oil' : 'castile-soap';
            $tenths = $random->getInt(6, 10);
            Notebook::change("/api/shelf/{$ids[$slug]}", ['words' => $slug, 'ingredient' => $slug, 'amount' => $whole[$slug] / 1000.0, 'unit' => 'L', 'tenths' => $tenths]);
            $left[$slug] = $whole[$slug] * $tenths / 10.0;
            $poured = array_map(static fn(array $one): array => array_diff_key($one, [$slug => 0.0]) + [$slug => 0.0], $poured);
            Date::setTestNow(Date::now()->addMinutes(1));
        } else {
            expect(array_sum((array) (Intake::told(Intake::of('/api/log.json', Intake::given('/api/log.json')))['taken'] ?? [1])))->toBe(0);
        }
        $is = $told();
        foreach ($left as $slug => $said) {
            expect($is[$slug])->toEqualWithDelta($said - array_sum(array_column($poured, $slug)), 1e-6, "seed {$seed}, act {$act}, {$slug}");
        }
    }
})->with([[1], [2]]);

// 5 mL of neem at 10.00 for 100 mL and 10 mL of soap at 5.00 for half a litre, in 1,015 mL: 0.50 and 0.10; a fill is a US quart of 946 mL.
it('says what a spray costs by what its bottles cost, and nothing where nobody said', function (): void {
    putOnShelf('neem-oil', ['amount' => 100, 'unit' => 'mL', 'tenths' => 10, 'price' => 10]);
    putOnShelf('castile-soap', ['amount' => 500, 'unit' => 'mL', 'tenths' => 10, 'price' => 5]);
    putOnShelf('baking-soda');
    $made = Notebook::get('/api/shelf/made');
    $costs = array_column($made->list('sprays'), 'costs', 'slug');
    expect($costs['gentle-neem'])->toContain(number_format(0.60 * 946.353 / 1015, 2))->and($costs['soda-and-neem'])->toBe('');
});

// A swab is dipped into a cup of half alcohol; plain soap takes 10 mL to a litre, and 9.46 mL to the US quart that is filled where nobody has a sprayer (common practice, no source).
it('lists what the rounds ahead take more of than is there, as text to take along', function (): void {
    $case = Notebook::case(Notebook::plant());
    $batch = Notebook::mixed($case, ['recipe' => 'plain-soap']);
    Notebook::sent("/api/cases/{$case}/counts", ['value' => 30]);
    Notebook::sent("/api/cases/{$case}/rounds", ['batchId' => $batch, 'override' => 'It has to go.']);
    $none = Notebook::get('/api/shelf/list');
    expect($none->text('list.0.ingredient'))->toBe('castile-soap')->and($none->text('text'))->toContain('Castile soap: ', 'for the round of');
    $takes = $none->number('list.0.takes');
    expect($takes / 9.46353)->toEqualWithDelta(round($takes / 9.46353), 0.01);
    putOnShelf('castile-soap');
    expect(Notebook::get('/api/shelf/list')->text('text'))->toContain('look whether');
    ShelfBottle::query()->update(['version' => DB::raw('version + 1'), 'amount' => 1, 'unit' => 'L', 'tenths' => 10]);
    expect(Notebook::get('/api/shelf/list')->list('list'))->toBe([]);
});

it('tells the same list in the log', function (): void {
    app(Database\Demo\DemoSeason::class)->write(new DateTimeImmutable());
    putOnShelf('castile-soap', ['amount' => 250, 'unit' => 'mL', 'tenths' => 1]);
    $listed = array_column(Notebook::get('/api/shelf/list')->list('list'), 'from', 'ingredient');
    $inLog = static fn(): array => array_column((array) (((array) json_decode(Intake::given('/api/log.json'), true, 64, \JSON_THROW_ON_ERROR))['toBuy'] ?? []), 'from', 'ingredient');
    expect($listed)->not->toBe([])->and($inLog())->toBe($listed);
});

// A litre of plain soap spray is made of 10 mL of soap and 990 mL of water, of which 1,000 mL are mixed; half a litre of soap at 5.00 is 0.01 a mL.
it('says what was mixed cost, for a case and in the year, and what the weeks ahead will', function (): void {
    $told = static fn(): Answer => Notebook::get('/api/shelf/costs');
    expect($told()->at('known'))->toBeFalse()->and($told()->text('season'))->toBe('');
    $case = Notebook::case(Notebook::plant('Rose'));
    $batch = Notebook::mixed($case, ['recipe' => 'plain-soap', 'make' => ['amount' => 1, 'unit' => 'L']]);
    Notebook::sent("/api/cases/{$case}/rounds", ['batchId' => $batch, 'override' => 'It has to go.']);
    putOnShelf('castile-soap');
    expect($told()->text('season'))->toContain('1 L', 'nobody said', 'castile soap')->and($told()->at('known'))->toBeFalse();
    ShelfBottle::query()->update(['amount' => 500, 'unit' => 'mL', 'tenths' => 10, 'price' => 5, 'version' => DB::raw('version + 1')]);
    putOnShelf('dish-detergent', ['amount' => 1, 'unit' => 'L', 'tenths' => 10, 'price' => 2]);
    expect($told()->at('known'))->toBeTrue()->and($told()->text('season'))->toContain('1 L for 0.10, 0.10 a litre')
        ->and($told()->text('each.0.name'))->toContain('Rose')->and($told()->text('each.0.to'))->toBe("/cases/{$case}")->and($told()->text('each.0.costs'))->toBe('1 L for 0.10, 0.10 a litre.')
        ->and($told()->text('ahead'))->toContain('next four weeks', ' a litre.')
        ->and($told()->list('alike'))->toBe(['dish detergent 0.20 for 100 mL; castile soap 1.00 for 100 mL']);
});

it('answers for one word of a recipe what another bottle makes of it, and what may go in instead', function (array $more, ?string $path, ?float $amount): void {
    /** @var array<string, mixed> $more */
    $recipe = Notebook::get('/api/recipes')->list('recipes');
    $of = static fn(string $slug): mixed => ((array) (array_column($recipe, null, 'slug')[$slug] ?? []))['document'] ?? null;
    $asked = Notebook::post('/api/another-bottle', ['recipe' => $of('half-alcohol-swab'), 'ingredient' => 'isopropyl-alcohol', ...$more]);
    if ($path !== null) {
        expect($asked->status)->toBe(422)->and($asked->text('error.path'))->toBe($path);

        return;
    }
    expect($asked->status)->toBe(200)->and($asked->at('percent'))->toEqual(70)->and($asked->list('insteads'))->toBe([])->and($asked->text('none'))->toContain('isopropyl alcohol');
    $amount === null ? expect($asked->at('recipe'))->toBeNull() : expect($asked->number('recipe.lines.0.amount'))->toEqualWithDelta($amount, 1e-6);
})->with([
    'nothing said' => [[], null, null],
    'of 91 %: 70 parts of 91' => [['percent' => 91], null, 70.0 / 91.0],
    'of 140 %' => [['percent' => 140], '/percent', null],
    'of no percent' => [['percent' => 0], '/percent', null],
    'both' => [['percent' => 91, 'with' => 'egg'], '/with', null],
    'nothing that is known' => [['with' => 'glitter'], '/with', null],
    'what does not stand in for it' => [['with' => 'egg'], null, null],
    'an oil has no percent' => [['ingredient' => 'neem-oil', 'percent' => 50], '/percent', null],
    'no recipe' => [['recipe' => null], '/recipe', null],
]);

it('lists what is wanted where the bottle that is there is too weak for it', function (): void {
    $case = Notebook::case(Notebook::plant(), 'early-blight');
    $batch = Notebook::mixed($case, ['recipe' => 'peroxide-in-turn', 'make' => ['amount' => 1, 'unit' => 'L']]);
    Notebook::sent("/api/cases/{$case}/rounds", ['batchId' => $batch, 'override' => 'It has to go.']);
    putOnShelf('hydrogen-peroxide', ['strength' => 0.4, 'amount' => 100, 'unit' => 'mL', 'tenths' => 10]);
    expect(Notebook::get('/api/shelf/list')->status)->toBe(200)->and(Notebook::get('/api/shelf/recipes/peroxide-in-turn')->status)->toBe(200);
});
