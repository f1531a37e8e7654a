<?php

declare(strict_types=1);

use IdleMixer\Core\Ask\Choose;
use IdleMixer\Core\Ask\Diagnose;
use IdleMixer\Core\Ask\Hours;
use IdleMixer\Core\Ask\Rounds;
use IdleMixer\Core\Document\JsonText;
use IdleMixer\Core\Document\Node;
use IdleMixer\Core\Plant\ToleranceCatalogue;
use IdleMixer\Core\Recipe\RecipeCatalogue;
use IdleMixer\Core\Tests\Support\Kept;
use IdleMixer\Core\Trouble\TroubleCatalogue;

/** @param array<string, mixed> $document */
function asked(array $document): Node
{
    return JsonText::parse(json_encode($document, \JSON_THROW_ON_ERROR));
}

/**
 * @template T
 *
 * @param list<T> $all
 *
 * @return T the n-th, over and over
 */
function inTurn(array $all, int $n): mixed
{
    return $all[$n % count($all)];
}

it('chooses for every trouble what it chose when that was read through', function (): void {
    $ask = Choose::shipped();
    $plants = ToleranceCatalogue::shipped()->known();
    $flags = [[], ['cats'], ['in-flower', 'eaten-soon'], ['dry-root'], ['seedling'], ['wounded'], ['oil-lately'], ['sulfur-lately', 'copper-lately'], ['soap-sensitive'], ['bears-no-oil']];
    $answers = [];
    $n = 0;
    foreach (array_keys(TroubleCatalogue::shipped()->troubles) as $trouble) {
        foreach (['growing', 'dormant'] as $season) {
            ++$n;
            $asked = [
                'trouble' => $trouble,
                'plant' => inTurn($plants, $n),
                'season' => $season,
                'severity' => inTurn(['light', 'moderate', 'heavy'], $n),
                'indoors' => $n % 3 === 0,
                'flags' => inTurn($flags, $n),
                'cupboard' => $n % 4 === 0 ? ['castile-soap', 'neem-oil', 'baking-soda'] : null,
            ];
            $answers["{$trouble} {$season}"] = ['asked' => $asked, 'answer' => $ask->answer(asked($asked))];
        }
    }
    expect(Kept::change('choices', $answers))->toBe('');
});

it('names for every sign the suspects that it named when that was read through', function (): void {
    $ask = Diagnose::shipped();
    $signs = array_keys(TroubleCatalogue::shipped()->signs);
    $answers = [];
    foreach ($signs as $n => $sign) {
        $with = inTurn($signs, $n * 7 + 3);
        $answers["{$sign} alone"] = $ask->answer(asked(['signs' => [$sign]]));
        if ($with !== $sign) {
            $answers["{$sign} and {$with}"] = $ask->answer(asked(['signs' => [$sign, $with], 'absent' => array_values(array_diff([inTurn($signs, $n * 11 + 5)], [$sign, $with])), 'sprayedDaysAgo' => $n % 5 === 0 ? $n % 9 : null]));
        }
    }
    expect(Kept::change('suspects', $answers))->toBe('');
});

it('plans the rounds that it planned when they were read through', function (): void {
    $ask = Rounds::shipped();
    $recipes = array_values(array_filter(RecipeCatalogue::shipped()->slugs(), static fn(string $slug): bool => ! str_ends_with($slug, '-drench')));
    $plants = ToleranceCatalogue::shipped()->slugs();
    $answers = [];
    $n = 0;
    foreach (TroubleCatalogue::shipped()->pestSlugs() as $trouble) {
        foreach (['infested', 'prevention'] as $pressure) {
            ++$n;
            $asked = [
                'trouble' => $trouble,
                'plant' => inTurn($plants, $n),
                'recipes' => $n % 3 === 0 ? [inTurn($recipes, $n), inTurn($recipes, $n + 5)] : [inTurn($recipes, $n)],
                'start' => '2026-04-01',
                'zone' => 'UTC',
                'pressure' => $pressure,
                'temperature_C' => inTurn([null, 12, 20, 28], $n),
                'interval_days' => inTurn([null, null, 5, 21], $n + 1),
            ];
            $answers["{$trouble} {$pressure}"] = ['asked' => $asked, 'answer' => $ask->answer(asked($asked))];
        }
    }
    expect(Kept::change('rounds', $answers))->toBe('');
});

it('judges the hours of a made-up week as it did when they were read through', function (): void {
    $ask = Hours::shipped();
    $air = [];
    for ($i = 0; $i < 72; ++$i) {
        $of = $i % 24;
        $air[] = [
            'at' => (new DateTimeImmutable('2026-06-20T00:00:00Z'))->modify("+{$i} hours")->format('Y-m-d\TH:i:s\Z'),
            'temperature_C' => round(17.0 + intdiv($i, 24) * 6.0 + 8.0 * sin(($of - 9) / 24 * 2 * \M_PI), 1),
            'humidity_percent' => 55 + ($i * 7) % 40,
            'wind_kmh' => ($i * 5) % 28,
            'rain_mm' => in_array($i, [20, 21, 50], true) ? 1.2 : 0,
            'cloud_percent' => ($i * 13) % 101,
        ];
    }
    $answers = [];
    foreach (RecipeCatalogue::shipped()->slugs() as $n => $slug) {
        if ($n % 4 === 0) {
            $answers[$slug] = $ask->answer(asked([
                'place' => ['latitude' => inTurn([50, 38, -33], $n), 'longitude' => 10, 'zone' => 'Europe/Berlin'],
                'recipe' => $slug,
                'plant' => inTurn(['ordinary-leaf', 'hairy-leaf', 'dormant-wood'], $n),
                'inBloom' => $n % 8 === 0,
                'indoors' => $n % 12 === 0,
                'exposure' => inTurn(['full-sun', 'half-shade', 'shade'], intdiv($n, 4)),
                'lights' => null,
                'hours' => array_slice($air, ($n * 3) % 24, 40),
            ]));
        }
    }
    expect(Kept::change('hours', $answers))->toBe('');
});
