<?php

declare(strict_types=1);

use IdleMixer\Core\Ask\Choose;
use IdleMixer\Core\Ask\Courses;
use IdleMixer\Core\Ask\Diagnose;
use IdleMixer\Core\Ask\Hours;
use IdleMixer\Core\Document\JsonText;
use IdleMixer\Core\Document\Node;
use IdleMixer\Core\Tests\Support\Kept;

/** @param array<string, mixed> $document */
function asked(array $document): Node
{
    return JsonText::parse(json_encode($document, \JSON_THROW_ON_ERROR));
}

it('chooses as it chose when that was read through', function (string $page, array $situations): void {
    $ask = Choose::shipped();
    $told = [];
    foreach ($situations as $situation) {
        assert(is_string($situation));
        [$trouble, $plant, $season, $severity, $flags, $more] = [...explode(' | ', $situation), '', ''];
        $answer = $ask->answer(asked([
            'trouble' => $trouble, 'plant' => $plant, 'season' => $season, 'severity' => $severity,
            'flags' => $flags === '' ? [] : explode(' ', $flags), 'indoors' => str_contains($more, 'indoors'),
            'cupboard' => str_contains($more, 'cupboard') ? ['castile-soap', 'neem-oil', 'baking-soda'] : null,
        ]));
        $told[$situation] = [
            'whether' => $answer['whether']['because'],
            'proposed' => array_map(static fn(array $one): string => "{$one['recipe']} x {$one['factor']}" . ($one['highEnd'] ? ', high end' : '') . ': ' . implode(' ', $one['reasons']) . ($one['against'] === [] ? '' : ' AGAINST: ' . implode(' ', $one['against'])), $answer['proposed']),
            'others' => array_map(static fn(array $one): string => "{$one['recipe']}: {$one['because']}", $answer['others']),
            'missing' => $answer['missing'] === null ? [] : ["{$answer['missing']['recipe']}: " . implode(', ', $answer['missing']['ingredients'])],
            'excluded' => array_map(static fn(array $one): string => "{$one['recipe']}: " . implode(' ', $one['reasons']), $answer['excluded']),
            'advice' => $answer['advice'],
        ];
    }
    expect(Kept::change("choice-{$page}", $told))->toBe('');
})->with([
    ['insects', ['aphids | ordinary-leaf | growing | light', 'aphids | tender-leaf | growing | heavy | seedling | cupboard', 'whitefly | hairy-leaf | growing | moderate | cats | indoors', 'thrips | no-oil-leaf | growing | moderate | oil-lately', 'leaf-beetles | ordinary-leaf | growing | heavy | in-flower eaten-soon']],
    ['wax-and-shields', ['mealybugs | waxy-bloom-leaf | growing | moderate | soap-sensitive | indoors', 'mealybugs | tough-leaf | growing | heavy | cats | indoors cupboard', 'scale | tough-leaf | growing | moderate | dry-root', 'scale | dormant-wood | dormant | heavy', 'overwintering-eggs | dormant-wood | dormant | moderate', 'blister-mites | ordinary-leaf | growing | light']],
    ['mites', ['spider-mites | ordinary-leaf | growing | moderate | sulfur-lately copper-lately', 'spider-mites | hairy-leaf | growing | heavy | wounded | indoors', 'flat-mites | tough-leaf | growing | light | bears-no-oil']],
    ['fungus-soil-and-none', ['powdery-mildew | ordinary-leaf | growing | moderate', 'black-spot | ordinary-leaf | growing | heavy | in-flower', 'early-blight | hairy-leaf | growing | light | eaten-soon | cupboard', 'grubs | empty-bed | growing | moderate', 'fungus-gnats | planted-soil | growing | moderate | cats | indoors', 'slugs | tender-leaf | growing | heavy', 'virus | ordinary-leaf | growing | moderate', 'drought | ordinary-leaf | growing | moderate']],
]);

it('names the suspects that it named when that was read through', function (): void {
    $ask = Diagnose::shipped();
    $told = [];
    foreach (['webs stipple', 'honeydew ants', 'white-fluff', 'domes sooty-film', 'white-film', 'holes slime', 'holes beetles', 'bleached lately-moved', 'limp-on-wet lately-watered-much', 'wet-marks | clean-new-growth | 2', 'yellow-patches | webs honeydew', 'mosaic curled-tips', 'newest-worst hard-twisted', 'ringed-spots from-below after-wet-weeks'] as $look) {
        [$signs, $absent, $sprayed] = [...explode(' | ', $look), '', ''];
        $answer = $ask->answer(asked(['signs' => explode(' ', $signs), 'absent' => $absent === '' ? [] : explode(' ', $absent), 'sprayedDaysAgo' => $sprayed === '' ? null : (int) $sprayed]));
        $told[$look] = [...$answer, 'suspects' => array_map(static fn(array $one): array => [...$one, 'percent' => round($one['percent'])], array_slice($answer['suspects'], 0, 4))];
    }
    expect(Kept::change('suspects', $told))->toBe('');
});

it('lays out courses as it did when they were read through', function (string $page, array $courses): void {
    $ask = Courses::shipped();
    $told = [];
    foreach ($courses as $course) {
        assert(is_string($course));
        [$trouble, $recipes, $plant, $pressure, $celsius, $days] = [...explode(' | ', $course), '', '', ''];
        $told[$course] = $ask->answer(asked(['trouble' => $trouble, 'plant' => $plant, 'methods' => explode(' + ', $recipes), 'start' => '2026-04-01', 'zone' => 'UTC', 'pressure' => $pressure, 'temperature_C' => $celsius === '' ? null : (int) $celsius, 'everyDays' => $days === '' ? null : (int) $days]));
    }
    expect(Kept::change("course-{$page}", $told))->toBe('');
})->with([
    ['infested', ['aphids | plain-soap | ordinary-leaf | moderate | 20', 'mealybugs | gentle-neem + mild-alcohol | tough-leaf | moderate | 20', 'spider-mites | fine-paraffin-mist | ordinary-leaf | moderate | 26', 'spider-mites | mint-mask | ordinary-leaf | moderate | 16 | 5', 'whitefly | plain-soap | ordinary-leaf | moderate | 22', 'scale | winter-wood-oil | dormant-wood | moderate', 'powdery-mildew | soda-and-oil-by-the-book | ordinary-leaf | moderate | 18', 'early-blight | peroxide-in-turn + soda-leaf-spray | ordinary-leaf | moderate | 20']],
    ['prevention', ['aphids | neem-leaf-quart | ordinary-leaf | prevention | 20', 'mealybugs | mild-neem | tough-leaf | prevention | 20 | 12', 'spider-mites | rosemary-mist | ordinary-leaf | prevention | 24', 'whitefly | plain-soap | ordinary-leaf | prevention | 22', 'black-spot | soda-leaf-spray | ordinary-leaf | prevention | | 21', 'scale | castile-and-kitchen-oil | ordinary-leaf | prevention | 20']],
]);

it('judges the hours of a made-up week as it did when they were read through', function (string $slug, string $plant, string $exposure, float $latitude, bool $indoors): void {
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
    $answer = Hours::shipped()->answer(asked([
        'place' => ['latitude' => $latitude, 'longitude' => 10, 'zone' => 'Europe/Berlin'], 'recipe' => $slug, 'plant' => $plant, 'inBloom' => false, 'indoors' => $indoors, 'exposure' => $exposure, 'lights' => null, 'hours' => array_slice($air, 12, 40),
    ]));
    $hours = [];
    foreach ($answer['hours'] as $hour) {
        $hours["{$hour['at']} {$hour['verdict']}"] = implode(' ', array_column($hour['reasons'], 'text'));
    }
    expect(Kept::change("hours-{$slug}", ['hours' => $hours, 'windows' => $answer['windows']]))->toBe('');
})->with([
    ['neem-leaf-quart', 'ordinary-leaf', 'full-sun', 50.0, false],
    ['plain-soap', 'hairy-leaf', 'half-shade', 38.0, false],
    ['winter-wood-oil', 'dormant-wood', 'shade', -33.0, false],
    ['weak-pot-drench', 'planted-soil', 'half-shade', 50.0, true],
]);
