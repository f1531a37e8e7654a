<?php

declare(strict_types=1);

use IdleMixer\Core\Catalogue\Things;
use IdleMixer\Core\Choice\Adviser;
use IdleMixer\Core\Choice\Choice;
use IdleMixer\Core\Choice\Chooser;
use IdleMixer\Core\Choice\Containment;
use IdleMixer\Core\Choice\Option;
use IdleMixer\Core\Choice\Reason;
use IdleMixer\Core\Choice\Severity;
use IdleMixer\Core\Choice\SeverityScale;
use IdleMixer\Core\Choice\Situation;
use IdleMixer\Core\Cupboard\Cupboard;
use IdleMixer\Core\Ingredient\IngredientCatalogue;
use IdleMixer\Core\Plant\ToleranceCatalogue;
use IdleMixer\Core\Source\SourceCatalogue;
use IdleMixer\Core\Tests\Support\Stands;
use IdleMixer\Core\Trouble\TroubleCatalogue;
use IdleMixer\Core\Wording\ChoiceWords;

/**
 * @param array<string, bool> $plant
 * @param list<string>|null   $cupboard
 */
function situation(string $trouble, string $stage = 'any', Severity $severity = Severity::Moderate, string $leaf = 'ordinary-leaf', array $plant = [], bool $indoors = false, bool $cats = false, ?float $hardness = null, ?array $cupboard = null): Situation
{
    return new Situation(TroubleCatalogue::shipped()->trouble($trouble), $stage, $severity, 'Zinnia', Stands::as($leaf, $plant, $indoors), $cats, $hardness, $cupboard === null ? null : Cupboard::holding($cupboard, IngredientCatalogue::shipped()));
}

/** @return list<string> */
function proposed(Choice $choice): array
{
    return array_map(static fn(Option $option): string => $option->recipe->slug, $choice->proposed);
}

/** @return list<string> codes */
function against(Choice $choice, string $slug): array
{
    foreach ([...$choice->excluded, ...$choice->proposed] as $option) {
        if ($option->recipe->slug === $slug) {
            return array_map(static fn(Reason $reason): string => $reason->finding->value === 'bench' ? (string) $reason->verdict?->code : $reason->finding->value, [...$option->excluded, ...$option->against]);
        }
    }

    return ['not there'];
}

// What works on what, and what each plant bears: common practice, no source.
it('proposes what practice would take', function (Situation $situation, string $slug): void {
    expect(proposed(Chooser::shipped()->choose($situation)))->toContain($slug);
})->with([
    'soap on aphids' => [fn() => situation('aphids'), 'mild-soap'],
    'alcohol on adult mealybugs' => [fn() => situation('mealybugs', 'adults'), 'half-alcohol-swab'],
    'oil on mites' => [fn() => situation('spider-mites', 'active'), 'fine-paraffin-mist'],
    'winter oil on scale' => [fn() => situation('scale', 'winter', leaf: 'dormant-wood'), 'winter-wood-oil'],
    'soda on black spot' => [fn() => situation('black-spot'), 'soda-leaf-spray'],
    'soda and neem on mildew' => [fn() => situation('powdery-mildew'), 'soda-and-neem'],
    'neem on beetle larvae' => [fn() => situation('leaf-beetles', 'larvae'), 'beetle-neem'],
    'a drench on an empty bed' => [fn() => situation('grubs', leaf: 'soil'), 'empty-bed-neem-drench'],
]);

it('proposes nothing where nothing works, and says so', function (string $trouble): void {
    $situation = situation($trouble);
    $advice = Adviser::shipped()->advise($situation);

    expect($advice->sprays)->toBe([])->and($advice->others)->toBe([])->and($advice->rotation())->toBe([])
        ->and(ChoiceWords::shipped()->noSpray($advice, $situation))->toContain('None of these sprays works');
})->with([['caterpillars'], ['slugs'], ['fungus-gnats'], ['virus'], ['rot'], ['drought']]);

it('tells what may not be used now from what does not work', function (): void {
    $situation = situation('black-spot', plant: ['inBloom' => true]);
    $advice = Adviser::shipped()->advise($situation);

    expect($advice->sprays)->toBe([])->and(ChoiceWords::shipped()->noSpray($advice, $situation))->toContain('may not be used on Zinnia as it stands now');
});

it('says why not', function (Situation $situation, string $slug, string $code): void {
    expect(against(Chooser::shipped()->choose($situation), $slug))->toContain($code);
})->with([
    'soap fails on adult mealybugs' => [fn() => situation('mealybugs', 'adults'), 'mild-soap', 'no-effect'],
    'no oil on a maple' => [fn() => situation('aphids', plant: ['bearsNoOil' => true]), 'castile-and-kitchen-oil', 'no-oil'],
    'no alcohol on hairy leaves' => [fn() => situation('mealybugs', 'adults', leaf: 'hairy-leaf'), 'half-alcohol-swab', 'hairy-alcohol'],
    'nothing on open flowers' => [fn() => situation('aphids', plant: ['inBloom' => true]), 'mild-soap', 'in-flower'],
    'no oil on a dry plant' => [fn() => situation('aphids', plant: ['dryAtRoot' => true]), 'neem-leaf-quart', 'dry-root'],
    'no winter oil on leaves' => [fn() => situation('scale', 'adults'), 'winter-wood-oil', 'winter-only'],
    'no leaf spray on bare wood' => [fn() => situation('scale', 'winter', leaf: 'dormant-wood'), 'fine-paraffin-mist', 'leaves-only'],
    'no mint near cats' => [fn() => situation('spider-mites', 'active', cats: true), 'rosemary-mist', 'cats'],
    'too strong for a tender leaf' => [fn() => situation('aphids', leaf: 'tender-leaf'), 'mint-oil-by-the-cup', 'oil-strength'],
    'hard water and a little castile' => [fn() => situation('aphids', hardness: 250.0), 'neem-leaf-quart', 'not-held'],
    'sulfur lately' => [fn() => situation('aphids', plant: ['sulfurLately' => true]), 'neem-leaf-quart', 'sulfur-lately'],
    'copper lately' => [fn() => situation('aphids', plant: ['copperLately' => true]), 'plain-soap', 'copper-lately'],
    'oil lately' => [fn() => situation('aphids', plant: ['oilLately' => true]), 'neem-leaf-quart', 'half'],
    'a kind that soap marks' => [fn() => situation('aphids', plant: ['soapSensitive' => true]), 'plain-soap', 'soap-sensitive'],
    'a little soap on such a kind' => [fn() => situation('aphids', plant: ['soapSensitive' => true]), 'neem-leaf-quart', 'soap-sensitive'],
    'smell indoors' => [fn() => situation('aphids', indoors: true), 'neem-leaf-quart', 'smell'],
    'not in the cupboard' => [fn() => situation('aphids', cupboard: ['castile-soap']), 'neem-leaf-quart', 'missing'],
]);

it('lets the leaf win over a bad infestation, and says so', function (): void {
    $choice = Chooser::shipped()->choose(situation('spider-mites', 'active', Severity::Heavy, 'ordinary-leaf', ['wounded' => true]));
    expect(against($choice, 'fine-paraffin-mist'))->toContain('leaf-wins');
    $tough = Chooser::shipped()->choose(situation('spider-mites', 'active', Severity::Heavy, 'tough-leaf'));
    $mist = array_values(array_filter($tough->proposed, static fn(Option $option): bool => $option->recipe->slug === 'fine-paraffin-mist'))[0];
    expect($mist->dose?->oil())->toEqualWithDelta(2.0, 1e-9)->and(against($tough, 'fine-paraffin-mist'))->not->toContain('leaf-wins');
});

it('puts what is in the cupboard first', function (): void {
    $all = ['castile-soap', 'vegetable-oil', 'neem-oil', 'dish-detergent', 'isopropyl-alcohol', 'paraffin-oil'];
    expect(proposed(Chooser::shipped()->choose(situation('aphids', cupboard: ['castile-soap'])))[0])->toBe('plain-soap')
        ->and(proposed(Chooser::shipped()->choose(situation('mealybugs', 'crawlers', cupboard: ['isopropyl-alcohol'])))[0])->toBe('half-alcohol-swab')
        ->and(proposed(Chooser::shipped()->choose(situation('aphids', cupboard: $all))))->not->toBeEmpty();
});

it('marks two of different families for rotation', function (): void {
    $advice = Adviser::shipped()->advise(situation('aphids'));
    $families = [];
    foreach ($advice->sprays as $option) {
        $families[$option->recipe->slug] = $option->family();
    }
    [$one, $two] = [...$advice->rotation(), '', ''];
    expect($families[$one])->not->toBe($families[$two])->and($one)->toBe(array_key_first($families));
});

it('never proposes what the catalogues exclude, over every trouble, plant and season', function (): void {
    $effects = Things::of('troubles')->column('effects');
    $practice = Things::of('sprays')->column('practice');
    $chooser = Chooser::shipped();
    $words = ChoiceWords::shipped();
    $flags = [[], ['bearsNoOil'], ['inBloom'], ['dryAtRoot'], ['seedling'], ['wounded'], ['eatenSoon'], ['inBloom', 'wounded'], ['bearsNoOil', 'dryAtRoot'], ['seedling', 'eatenSoon']];
    $seen = $turn = 0;
    $said = [];
    // All of them by `./check --long`; else each third, which meets every flag and every leaf.
    $every = getenv('MIXER_LONG') === '1' ? 1 : 3;
    foreach (TroubleCatalogue::shipped()->troubles as $trouble) {
        foreach ($trouble->stages as $stage) {
            foreach (ToleranceCatalogue::shipped()->slugs() as $leaf) {
                foreach ($flags as $i => $set) {
                    if (++$turn % $every !== 0) {
                        continue;
                    }
                    $severity = Severity::cases()[$i % 3];
                    $situation = situation($trouble->slug, $stage, $severity, $leaf, array_fill_keys($set, true), $i % 2 === 0, $i % 2 === 0);
                    $choice = $chooser->choose($situation);
                    foreach ($choice->proposed as $option) {
                        ++$seen;
                        // Read again from the tables, not from what the chooser built.
                        $row = $practice[$option->recipe->slug];
                        assert(is_array($row));
                        /** @var array{ways: list<string>} $row */
                        $lines = json_encode(IdleMixer\Core\Recipe\RecipeWriter::write($option->recipe), \JSON_THROW_ON_ERROR);
                        $oily = preg_match('/neem-oil|vegetable-oil|horticultural-oil|paraffin-oil|peppermint-oil|rosemary-oil/', $lines) === 1;
                        $use = $option->recipe->use->value;
                        $about = "{$trouble->slug}/{$stage} {$leaf} " . implode('+', $set) . " {$option->recipe->slug}";
                        $stages = $effects[$trouble->slug] ?? [];
                        $works = is_array($stages) ? $stages[$stage] ?? [] : [];
                        assert(is_array($works));
                        $indoors = $i % 2 === 0;
                        expect(array_intersect($row['ways'], array_keys($works)))->not->toBeEmpty($about)
                            ->and(in_array('bearsNoOil', $set, true) && $oily && $use !== 'drench')->toBeFalse($about)
                            ->and(in_array('inBloom', $set, true) && ! $indoors && in_array($use, ['foliar', 'dormant'], true))->toBeFalse($about)
                            ->and(in_array('dryAtRoot', $set, true) && $use !== 'spot' && ! in_array($leaf, ['empty-bed'], true) && ($oily || str_contains($lines, 'alcohol')))->toBeFalse($about)
                            ->and(in_array('seedling', $set, true) && ($oily || str_contains($lines, 'alcohol')))->toBeFalse($about)
                            ->and(in_array('eatenSoon', $set, true) && str_contains($lines, '"egg"'))->toBeFalse($about)
                            ->and($leaf === 'hairy-leaf' && str_contains($lines, 'alcohol'))->toBeFalse($about)
                            ->and($leaf === 'no-oil-leaf' && $oily && $use !== 'drench')->toBeFalse($about)
                            ->and(($leaf === 'dormant-wood' && ! in_array('inBloom', $set, true)) !== ($use === 'dormant') && $use !== 'spot' && $use !== 'drench')->toBeFalse($about)
                            ->and($situation->cats && preg_match('/peppermint|rosemary/', $lines) === 1)->toBeFalse($about);
                        expect($option->dose?->stop())->toBeNull($about);
                        foreach ([...$option->for, ...$option->against] as $reason) {
                            $said[$reason->finding->value] ??= $words->reason($reason, $option);
                        }
                    }
                    foreach ($choice->excluded as $option) {
                        expect($option->excluded)->not->toBeEmpty();
                        foreach ($option->excluded as $reason) {
                            $said[$reason->finding->value] ??= $words->exclusion($reason, $option, $situation);
                        }
                    }
                }
            }
        }
    }
    expect($seen)->toBeGreaterThan(1000);
    foreach ($said as $code => $sentence) {
        expect($sentence)->not->toMatch('/\{[a-z-]+\}/', $code);
    }
    expect(array_keys($said))->toContain('no-effect', 'seedling', 'hairy-alcohol', 'bench', 'winter-only', 'leaves-only', 'spray-on-soil', 'cats', 'leaf-wins', 'kills', 'checks');
});

it('has a source and a standing for every row of its catalogues', function (string $file): void {
    $rows = in_array($file, ['troubles', 'sprays', 'ingredients'], true) ? Things::of($file)->rows() : require dirname(__DIR__, 2) . "/data/{$file}.php";
    assert(is_array($rows));
    $check = static function (array $row) use (&$check): int {
        if (isset($row['source'])) {
            assert(is_string($row['source']));

            return SourceCatalogue::shipped()->get($row['source'])->standing->words() === '' ? 0 : 1;
        }
        $found = 0;
        foreach ($row as $inner) {
            $found += is_array($inner) ? $check($inner) : 0;
        }

        return $found;
    };
    foreach ($rows as $key => $row) {
        assert(is_array($row));
        expect($check($row))->toBeGreaterThan(0, (string) $key);
    }
})->with([['signs'], ['troubles'], ['sprays'], ['looks'], ['containment']]);

it('names in its effects only troubles, stages and ways that there are', function (): void {
    $effects = Things::of('troubles')->column('effects');
    $practice = Things::of('sprays')->column('practice');
    $ways = [];
    foreach ($practice as $row) {
        assert(is_array($row) && is_array($row['ways']));
        array_push($ways, ...array_values($row['ways']));
    }
    foreach ($effects as $trouble => $stages) {
        assert(is_array($stages));
        foreach ($stages as $stage => $rows) {
            assert(is_array($rows));
            expect(TroubleCatalogue::shipped()->trouble($trouble)->stages)->toContain($stage)
                ->and(array_filter(array_keys($rows), static fn(int|string $way): bool => ! in_array($way, $ways, true)))->toBe([], "{$trouble}/{$stage}");
        }
    }
});

it('can open a case for every pest that it can name', function (): void {
    foreach (TroubleCatalogue::shipped()->troubles as $trouble) {
        if ($trouble->kind->isPest()) {
            expect($trouble->counted)->not->toBeNull($trouble->slug);
        }
    }
});

it('says how bad it is from a count', function (): void {
    $scale = SeverityScale::shipped();
    expect([$scale->of('aphids', 19.0), $scale->of('aphids', 20.0), $scale->of('aphids', 100.0), $scale->of('aphids', null)])
        ->toBe([Severity::Light, Severity::Moderate, Severity::Heavy, Severity::Moderate]);
});

it('contains by trouble and place, in the order of the work', function (): void {
    $slugs = static fn(string $trouble, bool $indoors): array => array_column(Containment::shipped()->steps(TroubleCatalogue::shipped()->trouble($trouble), Stands::as('ordinary-leaf', [], $indoors)->plant), 'slug');

    // Common practice, no source.
    expect($slugs('spider-mites', true))->toContain('isolate', 'break-webs', 'water-jet')
        ->and($slugs('spider-mites', false))->not->toContain('isolate')
        ->and($slugs('early-blight', false))->toContain('strip-spots', 'water-soil')
        ->and($slugs('fungus-gnats', true))->toContain('dry-out', 'change-soil')
        ->and(array_slice($slugs('aphids', false), -1))->toBe(['look-again']);
});
