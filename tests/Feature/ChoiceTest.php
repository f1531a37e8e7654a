<?php

declare(strict_types=1);

use Illuminate\Support\Facades\Date;
use Tests\Feature\Notebook;

it('goes from signs to suspects, with reasons and further looks', function (): void {
    $troubles = Notebook::get('/api/troubles');
    expect(count($troubles->list('signs')))->toBeGreaterThan(40);
    $open = Notebook::post('/api/diagnosis', ['seen' => ['honeydew' => true, 'ants' => true]]);
    expect($open->text('finding'))->toBe('cannot-tell')->and($open->text('looks.0.slug'))->toBe('tips');
    $told = Notebook::post('/api/diagnosis', ['seen' => ['honeydew' => true, 'ants' => true, 'clusters-on-tips' => true]]);
    expect($told->text('finding'))->toBe('likely')->and($told->list('suspects.0.slugs'))->toBe(['aphids'])
        ->and($told->list('suspects.0.for'))->toContain('Clusters of small soft insects on tips or stems');
});

it('refuses signs that nobody knows', function (): void {
    expect(Notebook::post('/api/diagnosis', ['seen' => ['ghosts' => true]])->text('error.path'))->toBe('/seen/ghosts')
        ->and(Notebook::post('/api/diagnosis', ['seen' => ['webs' => 'yes']])->text('error.path'))->toBe('/seen/webs')
        ->and(Notebook::post('/api/diagnosis', [])->status)->toBe(422);
});

it('fills in what is known of the plant, and keeps what was said', function (): void {
    Date::setTestNow('2026-06-10T12:00:00Z');
    $plant = Notebook::post('/api/plants', [
        'submission' => Notebook::submission(), 'name' => 'Japanese maple', 'tolerance' => 'tender-leaf', 'place' => 'Porch',
        'bearsNoOil' => true, 'indoors' => true, 'bloomFrom' => '2026-06-01', 'bloomUntil' => '2026-06-10', 'harvestOn' => '2026-06-24',
    ])->id();
    $case = Notebook::case($plant, 'mealybugs');
    Notebook::post("/api/cases/{$case}/counts", ['submission' => Notebook::submission(), 'value' => 30]);
    $answer = Notebook::get("/api/cases/{$case}");
    expect($answer->at('situation.bearsNoOil'))->toBeTrue()->and($answer->at('situation.inBloom'))->toBeTrue()->and($answer->at('situation.eatenSoon'))->toBeTrue()
        ->and($answer->text('situation.severity'))->toBe('heavy')->and($answer->text('situation.stage'))->toBe('adults');
    Date::setTestNow('2026-06-11T12:00:00Z');
    expect(Notebook::get("/api/cases/{$case}")->at('situation.inBloom'))->toBeFalse();

    $choice = Notebook::post("/api/cases/{$case}/choice", ['stage' => 'crawlers', 'severity' => 'heavy', 'bearsNoOil' => true, 'cats' => true]);
    expect($choice->status)->toBe(200)->and($choice->text('proposed.0.slug'))->toBe('plain-soap')->and($choice->at('proposed.0.inRotation'))->toBeTrue();
    $other = Notebook::case($plant, 'aphids');
    expect(Notebook::get("/api/cases/{$other}")->at('situation.cats'))->toBeTrue()
        ->and(Notebook::get("/api/cases/{$case}")->text('situation.stage'))->toBe('crawlers');
});

it('says where nothing works', function (): void {
    $case = Notebook::case(Notebook::plant(), 'caterpillars');
    $choice = Notebook::post("/api/cases/{$case}/choice", ['stage' => 'any', 'severity' => 'light']);

    expect($choice->list('proposed'))->toBe([])->and($choice->text('nothing'))->toContain('None of these sprays works on caterpillars')
        ->and($choice->text('excluded.0.reasons.0'))->not->toBe('');
});

it('refuses a situation that cannot be', function (string $key, mixed $value, string $path): void {
    $case = Notebook::case(Notebook::plant(), 'mealybugs');
    $answer = Notebook::post("/api/cases/{$case}/choice", ['stage' => 'adults', 'severity' => 'light', $key => $value]);

    expect($answer->status)->toBe(422)->and($answer->text('error.path'))->toBe($path);
})->with([
    ['stage', 'winter', '/stage'], ['severity', 'awful', '/severity'], ['hardnessMgL', -1, '/hardnessMgL'], ['hardnessMgL', 1e9, '/hardnessMgL'],
    ['cats', 'many', '/cats'], ['dogs', true, '/dogs'],
]);

it('keeps the steps of containment with the case', function (): void {
    $case = Notebook::case(Notebook::plant(), 'spider-mites');
    Notebook::put("/api/cases/{$case}/steps/break-webs", ['done' => true]);
    Notebook::put("/api/cases/{$case}/steps/break-webs", ['done' => true]);
    $answer = Notebook::get("/api/cases/{$case}");
    $done = array_filter($answer->list('containment'), static fn(mixed $step): bool => is_array($step) && $step['done'] === true);

    expect($done)->toHaveCount(1)
        ->and(Notebook::put("/api/cases/{$case}/steps/dance", ['done' => true])->status)->toBe(404);
    Notebook::put("/api/cases/{$case}/steps/break-webs", ['done' => false]);
    expect(array_filter(Notebook::get("/api/cases/{$case}")->list('containment'), static fn(mixed $step): bool => is_array($step) && $step['done'] === true))->toBe([]);
});

it('puts the plants that stood next to it on the list to look at', function (): void {
    Date::setTestNow('2026-06-01T08:00:00Z');
    $at = static fn(string $name, string $place): int => Notebook::post('/api/plants', ['submission' => Notebook::submission(), 'name' => $name, 'tolerance' => 'ordinary-leaf', 'place' => $place])->id();
    $sick = $at('Zinnia', 'Porch');
    $at('Aster', 'Porch');
    $at('Cosmos', 'Gate');
    $case = Notebook::case($sick);
    $answer = Notebook::get("/api/cases/{$case}");
    expect($answer->list('watches'))->toHaveCount(1)->and($answer->text('watches.0.plant.name'))->toBe('Aster');
    Date::setTestNow('2026-06-04T09:00:00Z');
    $texts = array_map(static fn(mixed $task): string => is_array($task) && is_string($task['text']) ? $task['text'] : '', Notebook::get('/api/today')->list('tasks'));
    expect($texts)->toContain('Look over Aster: it stood next to Zinnia, which has aphids');
    $looked = static fn(): Tests\Feature\Answer => Notebook::put("/api/cases/{$case}/neighbours/{$answer->id('watches.0.plant.id')}", ['looked' => true]);
    // Once is not enough: what was hidden hatches. Four weeks, once a week.
    expect($looked()->at('watches.0.cleared'))->toBeFalse()->and($looked()->text('watches.0.dueAt'))->toBe('2026-06-11T09:00:00Z')
        ->and(Notebook::put("/api/cases/{$case}/neighbours/99", ['looked' => true])->status)->toBe(404);
    foreach (['2026-06-11T09:00:00Z' => false, '2026-06-18T09:00:00Z' => false, '2026-06-25T09:00:00Z' => false, '2026-07-02T09:00:00Z' => true] as $day => $cleared) {
        Date::setTestNow($day);
        expect($looked()->at('watches.0.cleared'))->toBe($cleared, $day);
    }
    expect(array_filter(Notebook::get('/api/today')->list('tasks'), static fn(mixed $task): bool => is_array($task) && $task['kind'] === 'look-over'))->toBe([]);
});

it('refuses plant dates that cannot be', function (string $key, mixed $value): void {
    $answer = Notebook::post('/api/plants', ['submission' => Notebook::submission(), 'name' => 'Zinnia', 'tolerance' => 'ordinary-leaf', 'bloomFrom' => '2026-06-02', $key => $value]);

    expect($answer->status)->toBe(422)->and($answer->text('error.path'))->toBe("/{$key}");
})->with([['bloomFrom', 'June'], ['harvestOn', '2026-02-30'], ['bloomUntil', '2026-06-01'], ['harvestOn', 5]]);

it('keeps with the plant what was said to have been on it lately, and lets go of it when its weeks are over', function (): void {
    Date::setTestNow('2026-06-01T08:00:00Z');
    $plant = Notebook::plant();
    $case = Notebook::case($plant, 'powdery-mildew');
    $said = ['stage' => Notebook::get("/api/cases/{$case}")->text('situation.stage'), 'severity' => 'moderate'];
    $oily = static fn(Tests\Feature\Answer $choice): array => array_values(array_filter($choice->list('proposed'), static fn(mixed $one): bool => is_array($one) && is_string($one['slug']) && str_contains($one['slug'], 'neem')));
    expect($oily(Notebook::post("/api/cases/{$case}/choice", $said)))->not->toBe([]);

    // No oil for two to four weeks after sulfur (published; extension notes on oil).
    expect($oily(Notebook::post("/api/cases/{$case}/choice", [...$said, 'sulfurLately' => true, 'soapSensitive' => true])))->toBe([])
        ->and(Notebook::get('/api/plants')->text('plants.0.sulfurOn'))->toBe('2026-06-01')
        ->and(Notebook::get('/api/plants')->at('plants.0.soapSensitive'))->toBeTrue();
    $other = Notebook::case($plant, 'aphids');
    expect(Notebook::get("/api/cases/{$other}")->at('situation.sulfurLately'))->toBeTrue();

    Date::setTestNow('2026-08-01T08:00:00Z');
    expect(Notebook::get("/api/cases/{$other}")->at('situation.sulfurLately'))->toBeFalse()
        ->and(Notebook::get("/api/cases/{$other}")->at('situation.soapSensitive'))->toBeTrue();
});

it('keeps the day on which it was said, each of sulfur, copper and oil by itself, until somebody says that it is not so', function (string $said, string $on, string $kept): void {
    Date::setTestNow('2026-06-01T08:00:00Z');
    $case = Notebook::case(Notebook::plant(), 'powdery-mildew');
    $say = static function (bool $lately) use ($case, $said): array {
        Notebook::post("/api/cases/{$case}/choice", ['stage' => Notebook::get("/api/cases/{$case}")->text('situation.stage'), 'severity' => 'moderate', $said => $lately]);

        return array_map(static fn(string $on): mixed => Notebook::get('/api/plants')->at("plants.0.{$on}"), ['sulfurOn', 'copperOn', 'oilOn']);
    };
    $only = static fn(?string $day): array => array_map(static fn(string $key): ?string => $key === $on ? $day : null, ['sulfurOn', 'copperOn', 'oilOn']);
    expect($say(false))->toBe($only(null))->and($say(true))->toBe($only('2026-06-01'));
    // Said again while it holds, the day stays; that it is not so takes it away.
    Date::setTestNow("{$kept}T08:00:00Z");
    expect($say(true))->toBe($only('2026-06-01'))->and($say(false))->toBe($only(null))->and($say(true))->toBe($only($kept));
})->with([['sulfurLately', 'sulfurOn', '2026-06-28'], ['copperLately', 'copperOn', '2026-06-08'], ['oilLately', 'oilOn', '2026-06-07']]);

it('knows of the oil that its own rounds brought onto a plant', function (): void {
    Date::setTestNow('2026-06-01T08:00:00Z');
    $case = Notebook::case(Notebook::plant());
    expect(Notebook::get("/api/cases/{$case}")->at('situation.oilLately'))->toBeFalse();
    Notebook::post("/api/cases/{$case}/rounds", ['submission' => Notebook::submission(), 'batchId' => Notebook::mixed($case), 'override' => 'It was urgent']);
    expect(Notebook::get("/api/cases/{$case}")->at('situation.oilLately'))->toBeTrue();
});

it('names the rounds of the last days where it may be burn from a spray', function (): void {
    Date::setTestNow('2026-06-01T08:00:00Z');
    $case = Notebook::case(Notebook::plant());
    $batch = Notebook::mixed($case);
    Notebook::post("/api/cases/{$case}/rounds", ['submission' => Notebook::submission(), 'batchId' => $batch, 'override' => 'It was urgent']);
    Date::setTestNow('2026-06-03T08:00:00Z');
    $told = Notebook::post('/api/diagnosis', ['seen' => ['brown-tips' => true, 'after-spray' => true, 'bleached' => true]]);
    expect($told->list('suspects.0.slugs'))->toBe(['spray-burn'])->and($told->at('suspects.0.bySpray'))->toBeTrue()
        ->and($told->id('rounds.0.batch.id'))->toBe($batch)
        ->and(Notebook::post('/api/diagnosis', ['seen' => ['webs' => true, 'stipple' => true]])->list('rounds'))->toBe([]);
});

// What is proposed is said for the sprayer that was used last; a new household has what is usual, and one that threw it away the smallest.
it('says what goes into the sprayer at hand', function (): void {
    Date::setTestNow('2026-06-10T12:00:00Z');
    $case = Notebook::case(Notebook::plant(), 'aphids');
    Notebook::post("/api/cases/{$case}/counts", ['submission' => Notebook::submission(), 'value' => 60]);
    $in = static fn(): string => (string) preg_replace('/\A.* in /', '', Notebook::post("/api/cases/{$case}/choice", (string) json_encode(Notebook::get("/api/cases/{$case}")->at('situation')))->text('proposed.0.spoons'));
    $sprayer = static fn(string $name, float $amount, string $unit): int => Notebook::post('/api/sprayers', ['submission' => Notebook::submission(), 'name' => $name, 'holds' => ['amount' => $amount, 'unit' => $unit]])->id();
    $mix = static function (int $sprayer, int $minute): void {
        Date::setTestNow("2026-06-10T12:{$minute}:00Z");
        Notebook::post('/api/batches', ['submission' => Notebook::submission(), 'sprayerId' => $sprayer, 'bench' => ['request' => ['recipe' => 'mild-soap', 'make' => ['amount' => 1, 'unit' => 'L']]]]);
    };
    expect($in())->toBe('1 US qt');
    $large = $sprayer('Large', 5.0, 'L');
    $middle = $sprayer('Middle', 3.0, 'L');
    $small = $sprayer('Small', 2.0, 'L');
    expect($in())->toBe('2 L');
    $mix($large, 10);
    expect($in())->toBe('5 L');
    $mix($middle, 20);
    expect($in())->toBe('3 L');
    Notebook::change("/api/sprayers/{$middle}", ['name' => 'Middle', 'holds' => ['amount' => 3, 'unit' => 'L'], 'largestFill' => ['amount' => 2.5, 'unit' => 'L'], 'leftBehind' => null, 'pours' => []]);
    expect($in())->toBe('2½ L');
    Notebook::change("/api/sprayers/{$middle}/retired", ['retired' => true]);
    expect($in())->toBe('2 L')->and($small)->toBeGreaterThan(0);
});
