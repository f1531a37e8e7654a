<?php

declare(strict_types=1);

use Illuminate\Support\Facades\Artisan;
use Tests\Feature\Answer;
use Tests\Feature\Contract;

/** @param array<string, string> $options */
function consoleSays(string $command, string $text, array $options = [], int $status = 0): Answer
{
    $file = tempnam(sys_get_temp_dir(), 'ask');
    file_put_contents($file, $text);
    expect(Artisan::call($command, ['file' => $file, '--json' => true, ...$options]))->toBe($status);
    unlink($file);

    return new Answer($status === 0 ? 200 : 422, Artisan::output(), []);
}

it('answers each question on the console with the document that its schema describes', function (string $command, string $schema, string $request, string $path, mixed $value): void {
    $answer = consoleSays("mixer:{$command}", $request);

    expect(Contract::schemaFault($schema, $answer->text))->toBe('')
        ->and($answer->at($path))->toEqual($value);
    if ($schema !== 'compose') {
        expect(Contract::schemaFault("{$schema}-request", $request))->toBe('');
    }
})->with([
    // Webs and stippling are the plainest sign of mites there is (common practice, no source).
    'what it is' => ['diagnose', 'diagnose', '{"signs":["webs","stipple"],"absent":[]}', 'suspects.0.troubles', ['spider-mites']],
    'what it may be with little to go by' => ['diagnose', 'diagnose', '{"signs":["honeydew"]}', 'open', true],
    // Webs are of mites, white sticky wool of mealybugs, a white flour on leaves of mildew: none explains the others (common practice, no source).
    'three troubles at once' => ['diagnose', 'diagnose', '{"signs":["webs","stipple","white-fluff","fluff-smears","white-film"],"absent":[]}', 'suspects.0.troubles', ['mealybugs', 'powdery-mildew', 'spider-mites']],
    // Scale sits on lemons that stand in rooms (common practice, no source).
    'what it is on a lemon indoors' => ['diagnose', 'diagnose', '{"signs":["honeydew"],"here":{"kind":"Meyer lemon","indoors":true,"season":"winter","had":{"scale":1}}}', 'suspects.0.moved', ['often-on-kind', 'often-indoors', 'had-here']],
    'somebody who looked and found nothing' => ['diagnose', 'diagnose', '{"signs":[],"absent":["webs","stipple","white-fluff"]}', 'finding', 'found-nothing'],
    // Ladybirds finish a light colony within some days (common practice, no source).
    'whether to spray at all' => ['choose', 'choose', '{"trouble":"aphids","count":4,"seen":{"ladybirds":null},"temperature_C":20,"crowded":false}', 'whether.answer', 'not-yet'],
    // A soap is the first thing that is reached for against aphids (common practice, no source).
    'what to spray' => ['choose', 'choose', '{"trouble":"aphids","plant":"ordinary-leaf","season":"growing","severity":"moderate","indoors":false,"flags":[],"cupboard":["castile-soap"]}', 'proposed.0.recipe', 'plain-soap'],
    'a recipe of what was said' => ['compose', 'compose', "1 litre water\n10 ml neem oil\n5 ml castile soap", 'recipe.lines.0.ingredient', 'neem-oil'],
    // Not at noon in the sun, but in the evening (common practice, no source).
    'which hour' => ['hours', 'hours', '{"place":{"latitude":50,"longitude":10,"zone":"Europe/Berlin"},"recipe":"plain-soap","plant":"ordinary-leaf","inBloom":false,"indoors":false,"exposure":"full-sun","lights":null,"hours":[{"at":"2026-06-21T11:00:00Z","temperature_C":21,"humidity_percent":60,"wind_kmh":6,"rain_mm":0,"cloud_percent":0},{"at":"2026-06-21T18:00:00Z","temperature_C":21,"humidity_percent":60,"wind_kmh":6,"rain_mm":0,"cloud_percent":0}]}', 'hours.0.verdict', 'no'],
    'which window' => ['hours', 'hours', '{"place":{"latitude":50,"longitude":10,"zone":"Europe/Berlin"},"recipe":"plain-soap","plant":"ordinary-leaf","inBloom":false,"indoors":false,"exposure":"full-sun","lights":null,"hours":[{"at":"2026-06-21T11:00:00Z","temperature_C":21,"humidity_percent":60,"wind_kmh":6,"rain_mm":0,"cloud_percent":0},{"at":"2026-06-21T18:00:00Z","temperature_C":21,"humidity_percent":60,"wind_kmh":6,"rain_mm":0,"cloud_percent":0}]}', 'windows.0.from', '2026-06-21T18:00:00Z'],
    // Alcohol and soap, neem a week later, alcohol and soap ten days on (common practice, no source).
    'which rounds' => ['course', 'course', '{"trouble":"mealybugs","plant":"tough-leaf","methods":["soap-and-alcohol-by-eye","neem-leaf-quart"],"start":"2026-04-01","today":"2026-04-02","zone":"UTC","pressure":"moderate","temperature_C":20,"everyDays":null,"record":[{"on":"2026-04-01","kind":"round","recipe":"soap-and-alcohol-by-eye"}]}', 'next.0.kind', 'look'],
    // Mites at 22 °C: 137 degree-days above 11.2 °C are 12.7 days (by hand).
    'how it goes on' => ['forecast', 'forecast', '{"trouble":"spider-mites","temperature_C":22,"counts":[{"on":"2026-05-01","value":40}],"rounds":[{"on":"2026-05-02","kill":{"egg":0,"young":70,"adult":70},"residualDays":0}],"days":20,"search":{"kill":{"egg":80,"young":95,"adult":95},"minGapDays":5,"atMost":8,"until":"2026-06-20"}}', 'search.ended', true],
    // 5 mL of neem and 10 mL of soap to a litre: 2 mL of neem are enough for 406 mL (common practice, no source).
    'what can be made' => ['shelf', 'shelf', '{"cupboard":[{"words":"cold pressed neem","left":{"amount":2,"unit":"mL"},"strength":null},{"words":"baby mild castile","left":null}],"measures":[{"amount":1,"unit":"[tsp_us]"}],"sprayer":{"amount":1,"unit":"L"},"trouble":null,"plant":{"leaf":"ordinary-leaf"},"had":[]}', 'understood.0.ingredient', 'neem-oil'],
    'what can be made against something' => ['shelf', 'shelf', '{"cupboard":[{"words":"castile soap","left":{"amount":5,"unit":"mL"}}],"sprayer":{"amount":1,"unit":"L"},"trouble":"aphids","severity":"light","plant":{"leaf":"ordinary-leaf"}}', 'sprays.0.make_mL', 500.0],
    // Henderson and Tilton (1955): 100 × (1 − 20 × 50 / (100 × 100)) = 90.
    'what worked' => ['worked', 'worked', '{"cases":[{"id":"a","pest":"aphids","plant":"zinnia","rounds":[{"at":"2026-06-01T18:00:00Z","recipe":"plain-soap","fairLookHours":24}],"counts":[{"at":"2026-06-01T17:00:00Z","value":100},{"at":"2026-06-01T17:00:00Z","value":50,"untreated":true},{"at":"2026-06-03T17:00:00Z","value":20},{"at":"2026-06-03T17:00:00Z","value":100,"untreated":true}]}]}', 'rounds.0.reduction_percent', 90.0],
]);

it('says on the console what is wrong, where, and what would be right', function (string $command, string $request, string $path, string $says): void {
    $answer = consoleSays("mixer:{$command}", $request, [], 1);

    expect($answer->text('error.path'))->toBe($path)->and($answer->text('error.message'))->toContain($says);
})->with([
    'a sign that nobody knows' => ['diagnose', '{"signs":["webs","ghosts"]}', '/signs/1', 'ghosts'],
    'seen, and seen not to be there' => ['diagnose', '{"signs":["webs"],"absent":["webs"]}', '/signs/0', 'webs'],
    'days that are none' => ['diagnose', '{"signs":["webs"],"sprayedDaysAgo":-1}', '/sprayedDaysAgo', '-1'],
    'a season that is none' => ['diagnose', '{"signs":["webs"],"here":{"season":"monsoon"}}', '/here/season', 'monsoon'],
    'a trouble that was never heard of' => ['diagnose', '{"signs":["webs"],"here":{"had":{"dragons":1}}}', '/here/had/dragons', 'aphids'],
    'signs that are no list' => ['diagnose', '{"signs":"webs"}', '/signs', 'list'],
    'a trouble that nobody knows' => ['choose', '{"trouble":"dragons"}', '/trouble', 'dragons'],
    'a plant that nobody knows' => ['choose', '{"trouble":"aphids","plant":"cactus"}', '/plant', 'cactus'],
    'a stage that another pest has' => ['choose', '{"trouble":"scale","stage":"larvae"}', '/stage', 'is no stage of Scale; its stages are adults, crawlers, winter'],
    'a flag that nobody knows' => ['choose', '{"trouble":"aphids","flags":["moon"]}', '/flags/0', 'moon'],
    'a cupboard with what nobody knows' => ['choose', '{"trouble":"aphids","cupboard":["moonshine"]}', '/cupboard/0', 'moonshine'],
    'an enemy that nobody knows' => ['choose', '{"trouble":"aphids","seen":{"dragons":3}}', '/seen/dragons', 'ladybirds'],
    'fewer enemies than none' => ['choose', '{"trouble":"aphids","seen":{"ladybirds":-3}}', '/seen/ladybirds', '-3'],
    'air as hot as the sun' => ['choose', '{"trouble":"aphids","temperature_C":5500}', '/temperature_C', '60'],
    'less than none counted' => ['choose', '{"trouble":"aphids","count":-1}', '/count', '-1'],
    'a shelf without a sprayer' => ['shelf', '{"cupboard":[]}', '', 'sprayer'],
    'less than nothing left' => ['shelf', '{"cupboard":[{"words":"neem oil","left":{"amount":-1,"unit":"mL"}}],"sprayer":{"amount":1,"unit":"L"}}', '/cupboard/0/left/amount', '-1'],
    'oil at a strength' => ['shelf', '{"cupboard":[{"words":"neem oil","strength":70}],"sprayer":{"amount":1,"unit":"L"}}', '/cupboard/0/strength', 'alcohol'],
    'a bottle without a word' => ['shelf', '{"cupboard":[{"words":""}],"sprayer":{"amount":1,"unit":"L"}}', '/cupboard/0/words', 'character'],
    'a spray that is not shipped' => ['worked', '{"cases":[{"id":"a","pest":"aphids","plant":"zinnia","rounds":[{"at":"2026-06-01T18:00:00Z","recipe":"grandma"}],"counts":[]}]}', '/cases/0/rounds/0/recipe', 'fairLookHours'],
    'a count that is negative' => ['worked', '{"cases":[{"id":"a","pest":"aphids","plant":"zinnia","rounds":[],"counts":[{"at":"2026-06-01T18:00:00Z","value":-3}]}]}', '/cases/0/counts/0/value', '-3'],
    'a day that is none' => ['worked', '{"cases":[{"id":"a","pest":"aphids","plant":"zinnia","rounds":[],"counts":[{"at":"yesterday","value":3}]}]}', '/cases/0/counts/0/at', 'yesterday'],
    'a humidity that is none' => ['hours', '{"place":{"latitude":50,"longitude":10,"zone":"Europe/Berlin"},"recipe":"plain-soap","plant":"ordinary-leaf","inBloom":false,"indoors":false,"exposure":"full-sun","lights":null,"hours":[{"at":"2026-06-21T11:00:00Z","temperature_C":21,"humidity_percent":160,"wind_kmh":6,"rain_mm":0,"cloud_percent":0},{"at":"2026-06-21T18:00:00Z","temperature_C":21,"humidity_percent":60,"wind_kmh":6,"rain_mm":0,"cloud_percent":0}]}', '/hours/0/humidity_percent', '160'],
    'a day that no calendar has' => ['course', '{"trouble":"aphids","methods":["plain-soap"],"start":"2026-02-30"}', '/start', '2026-02-30'],
    'no spray at all' => ['course', '{"trouble":"aphids","methods":[],"start":"2026-02-20"}', '/methods', 'Between 1 and 6'],
    'no pace at all' => ['course', '{"trouble":"aphids","methods":["plain-soap"],"start":"2026-02-20","everyDays":0}', '/everyDays', '1 to 366'],
    'as hot as the sun' => ['course', '{"trouble":"aphids","methods":["plain-soap"],"start":"2026-02-20","temperature_C":1e300}', '/temperature_C', '60'],
    'a pest that does not multiply on a plant' => ['forecast', '{"trouble":"slugs","temperature_C":20,"counts":[{"on":"2026-05-01","value":4}]}', '/trouble', 'is of aphids'],
    'no JSON' => ['choose', 'aphids, please', '', 'JSON'],
    'nothing' => ['worked', '', '', 'JSON'],
    'another encoding' => ['diagnose', "{\"signs\":[\"webs\xE9\"]}", '', 'UTF-8'],
]);

it('fills the bottle that is named, tells the strength of each bottle, and says what is no bottle', function (): void {
    $answer = consoleSays('mixer:compose', "100 ml isopropyl alcohol 91 %\nfill the rest with water", ['--bottle' => '1 L']);
    expect($answer->at('recipe.basis'))->toEqual(['amount' => 1000, 'unit' => 'mL', 'of' => 'finished'])
        ->and($answer->at('lines.0.strength'))->toEqual(91)->and($answer->at('lines.1.strength'))->toBeNull();
    foreach (['a bucket', '0 L', '-1 L', '1e300 L', ''] as $bottle) {
        expect(consoleSays('mixer:compose', '10 ml neem oil', ['--bottle' => $bottle], 1)->text('error.path'))->toBe('/bottle', $bottle);
    }
});

it('reads a spoon by the kitchen, and asks where nobody says which', function (): void {
    $lines = "1 gallon water\n2 tbsp neem oil";
    // A British gallon is 4,546.09 mL, an Australian tablespoon 20 mL (published).
    expect(consoleSays('mixer:compose', $lines, ['--kitchen' => 'uk'])->number('recipe.basis.amount'))->toEqual(1.0)
        ->and(consoleSays('mixer:compose', $lines, ['--kitchen' => 'uk'])->text('recipe.basis.unit'))->toBe('[gal_br]')
        ->and(consoleSays('mixer:compose', $lines, ['--kitchen' => 'us'])->text('recipe.basis.unit'))->toBe('[gal_us]')
        ->and(consoleSays('mixer:compose', "1 L water\n1 tbsp neem oil", ['--kitchen' => 'au'])->number('strength.oil_percent_vv'))->toEqualWithDelta(100 * 20 / 1020, 1e-6)
        // A decilitre is 100 mL (SI).
        ->and(consoleSays('mixer:compose', "10 L water\n2 to 3 dl neem oil", ['--kitchen' => 'au'])->number('lines.1.amount'))->toEqualWithDelta(200.0, 1e-9)
        ->and(consoleSays('mixer:compose', "10 L water\n2 to 3 dl neem oil", ['--kitchen' => 'au'])->number('lines.1.upTo'))->toEqualWithDelta(300.0, 1e-9)
        ->and(consoleSays('mixer:compose', $lines, ['--kitchen' => 'moon'], 1)->text('error.path'))->toBe('/kitchen')
        ->and(consoleSays('mixer:compose', $lines, ['--use' => 'soup'], 1)->text('error.path'))->toBe('/use');
});

it('makes no recipe of what is no recipe, and says of each line why', function (): void {
    $answer = consoleSays('mixer:compose', "1 gallon water\n1 cup of tobacco\nlove", ['--kitchen' => 'us']);

    expect($answer->at('recipe'))->toBeNull()->and($answer->at('strength'))->toBeNull()
        ->and([$answer->text('lines.0.status'), $answer->text('lines.0.ingredient'), $answer->text('lines.1.status')])->toBe(['understood', 'water', 'refused'])
        ->and($answer->text('lines.2.message'))->not->toBe('')
        ->and(consoleSays('mixer:compose', '', [])->at('recipe'))->toBeNull();
});
