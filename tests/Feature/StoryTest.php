<?php

declare(strict_types=1);

use App\Models\LeafPhoto;
use Illuminate\Contracts\Http\Kernel;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Date;
use Tests\Feature\Notebook;

/** The page of a case, as it comes. */
function storyOf(int $case): Symfony\Component\HttpFoundation\Response
{
    return app(Kernel::class)->handle(Request::create("http://127.0.0.1/api/cases/{$case}/story", 'GET', server: ['REMOTE_ADDR' => '127.0.0.1', 'HTTP_HOST' => '127.0.0.1']));
}

it('tells a case from first sight to closed on one page that needs nothing else', function (): void {
    app(Database\Demo\DemoSeason::class)->write(new DateTimeImmutable());
    $page = storyOf(2);
    $text = (string) $page->getContent();
    expect($page->getStatusCode())->toBe(200)
        ->and($text)->toContain('<h1>Aphids on Dahlia by the gate</h1>', 'First seen. Ants on the stems', 'Aphids on ten tips: 120.', 'Round 1: Castile and kitchen oil', 'Held against the plant left alone', 'Closed. Clean for three weeks', '<svg')
        // Nothing is fetched from anywhere.
        ->and(preg_match('#(src|href)="(?!data:)#', $text))->toBe(0)->and($text)->not->toContain('<script', 'http://', 'https://')
        ->and((string) $page->headers->get('Content-Security-Policy'))->toContain("default-src 'none'");
    preg_match('#<style>(.*?)</style>#s', $text, $style);
    expect((string) $page->headers->get('Content-Security-Policy'))->toContain(base64_encode(hash('sha256', $style[1] ?? '', true)));
    // In order of time.
    preg_match_all('#<th scope="row">([^<]+)</th>#', $text, $times);
    $seconds = array_map(strtotime(...), $times[1]);
    $sorted = $seconds;
    sort($sorted);
    expect(count($seconds))->toBeGreaterThan(9)->and($seconds)->toBe($sorted);
});

/** @return list<list<string>> when, what, and in which words: each row of the table */
function rowsOf(int $case): array
{
    preg_match_all('#<tr><th scope="row">(.*?)</th><td class="kind">(.*?)</td><td>(.*?)</td></tr>#', (string) storyOf($case)->getContent(), $rows, PREG_SET_ORDER);

    return array_map(static fn(array $row): array => array_map(static fn(string $cell): string => html_entity_decode($cell, ENT_QUOTES), array_slice($row, 1)), $rows);
}

it('says of each thing what was written down, by the clock of the garden', function (): void {
    Date::setTestNow('2026-06-01T18:00:00Z');
    Notebook::put('/api/garden', ['basedOn' => 0, 'place' => ['latitude' => 47.3, 'longitude' => 9.9, 'zone' => 'Europe/Vienna'], 'roomCelsius' => 20, 'source' => 'file']);
    // In Vienna it rains 4.9 mm on the 2nd, 5 on the 3rd, in two hours, the second of them after midnight in Greenwich only, and 12 on the 5th. Of the
    // 4th nobody says.
    $wet = ['2026-06-02T12' => 4.9, '2026-06-03T20' => 2.5, '2026-06-02T22' => 2.5, '2026-06-05T09' => 12];
    $table = "at,temperature_C,humidity_percent,wind_kmh,rain_mm,cloud_percent\n";
    for ($hour = 0; $hour < 150; ++$hour) {
        $at = gmdate('Y-m-d\TH', strtotime('2026-06-01T18:00:00Z') + 3600 * $hour);
        $table .= "{$at}:00:00Z,19,60,5," . (str_starts_with($at, '2026-06-04') ? '' : ($wet[$at] ?? 0)) . ",10\n";
    }
    expect(Notebook::sent('/api/weather/files', ['name' => 'june.csv', 'content' => $table])->status)->toBe(201);
    $case = Notebook::sent('/api/cases', ['plantId' => Notebook::plant('Aster'), 'pest' => 'aphids', 'notes' => 'Ants on the stems.'])->id();
    Notebook::sent("/api/cases/{$case}/counts", ['value' => 40]);
    $batch = Notebook::mixed($case, ['recipe' => 'plain-soap']);
    Date::setTestNow('2026-06-02T06:00:00Z');
    $round = Notebook::sent("/api/cases/{$case}/rounds", ['batchId' => $batch, 'override' => 'It was urgent.', 'handWork' => true, 'notes' => 'Undersides, too.'])->id('saved.id');
    $second = Notebook::mixed($case, ['recipe' => 'plain-soap']);
    Date::setTestNow('2026-06-04T06:00:00Z');
    Notebook::sent("/api/rounds/{$round}/burns", ['share' => 15, 'kinds' => ['edge-burn'], 'notes' => 'South side only.']);
    Notebook::sent("/api/cases/{$case}/counts", ['value' => 12, 'newClean' => true, 'helpers' => ['hoverfly-grubs' => 4], 'notes' => 'By lamp.']);
    Notebook::sent("/api/cases/{$case}/counts", ['value' => 38, 'untreated' => true]);
    Date::setTestNow('2026-06-06T06:00:00Z');
    Notebook::sent("/api/cases/{$case}/counts", ['value' => 1, 'newClean' => false]);
    Notebook::sent("/api/cases/{$case}/rounds", ['batchId' => $second, 'override' => 'x']);
    Date::setTestNow('2026-06-07T06:00:00Z');
    Notebook::change("/api/cases/{$case}/closed", ['closed' => true, 'conclusion' => 'Gone.']);

    $rows = rowsOf($case);
    $of = static fn(string $kind): array => array_values(array_map(static fn(array $row): string => "{$row[0]}: {$row[2]}", array_filter($rows, static fn(array $row): bool => $row[1] === $kind)));
    expect($of('First sight'))->toBe(['1 Jun 2026, 20:00: First seen. Ants on the stems.'])
        ->and($of('Counted'))->toBe(['1 Jun 2026, 20:00: Aphids on ten tips: 40.', '4 Jun 2026, 08:00: Aphids on ten tips: 12. New growth clean. Hoverfly grubs on it. By lamp.', '6 Jun 2026, 08:00: Aphids on ten tips: 1. New growth hit.'])
        ->and($of('Left alone'))->toBe(['4 Jun 2026, 08:00: Aphids on ten tips, on the plant left alone: 38.'])
        ->and($of('Burn'))->toBe(['4 Jun 2026, 08:00: The worst leaves burnt by 15 %: burnt edge. South side only.'])
        ->and($of('Rain'))->toBe(['3 Jun 2026, 12:00: Rain: 5 mm.', '5 Jun 2026, 12:00: Rain: 12 mm.'])
        ->and($of('Closed'))->toBe(['7 Jun 2026, 08:00: Closed. Gone.'])
        ->and($of('Sprayed')[0] ?? '')->toStartWith('2 Jun 2026, 08:00: Round 1: Plain soap spray (1 % castile soap). Pruned, wiped or hosed the same day. Weather: 19 °C, 60 % humid, wind 5 km/h (the file june.csv). Without proof on leaves: It was urgent. Undersides, too. It helped: 70 % fewer, from 40 to 12')
        ->and($of('Sprayed')[1] ?? '')->toStartWith('6 Jun 2026, 08:00: Round 2: Plain soap spray (1 % castile soap). Weather: ')
        ->and($of('Sprayed')[1] ?? '')->not->toContain('Pruned')
        ->and(count($rows))->toBe(11);
});

it('shows pictures of the plant and of its test leaves that belong to the case', function (): void {
    Date::setTestNow('2026-06-01T18:00:00Z');
    $image = imagecreatetruecolor(40, 30);
    ob_start();
    imagejpeg($image);
    $jpeg = base64_encode((string) ob_get_clean());
    $plant = Notebook::plant('Aster');
    $photographed = static function () use ($plant, $jpeg): int {
        $test = Notebook::sent('/api/leaf-tests', ['batchId' => Notebook::mixed(), 'plantId' => $plant, 'leaves' => 2])->id();
        LeafPhoto::query()->create(['leaf_test_id' => $test, 'leaf' => 1, 'before' => true, 'picture' => $jpeg, 'taken_at' => Date::now()]);
        LeafPhoto::query()->create(['leaf_test_id' => $test, 'leaf' => 2, 'before' => false, 'picture' => $jpeg, 'taken_at' => Date::now()]);

        return $test;
    };
    // What was before the case belongs to another one.
    $photographed();
    Notebook::put("/api/plants/{$plant}/picture", ['picture' => $jpeg]);
    Date::setTestNow('2026-06-02T18:00:00Z');
    $case = Notebook::case($plant);
    $pictures = static fn(): array => array_values(array_map(static fn(array $row): string => explode('<', $row[2])[0], array_filter(rowsOf($case), static fn(array $row): bool => $row[1] === 'Picture')));
    expect($pictures())->toBe([]);
    Date::setTestNow('2026-06-03T18:00:00Z');
    Notebook::put("/api/plants/{$plant}/picture", ['picture' => $jpeg]);
    $photographed();
    expect($pictures())->toBe(['Aster.', 'Leaf 1 of a leaf test, before.', 'Leaf 2 of a leaf test, after.'])
        ->and((string) storyOf($case)->getContent())->toContain('<img alt="Aster." src="data:image/jpeg;base64,' . App\Models\PlantPicture::query()->firstOrFail()->picture . '">');
    // Closed, it takes nothing that comes later.
    Notebook::change("/api/cases/{$case}/closed", ['closed' => true, 'conclusion' => '']);
    Date::setTestNow('2026-06-04T18:00:00Z');
    Notebook::put("/api/plants/{$plant}/picture", ['picture' => $jpeg]);
    $photographed();
    expect($pictures())->toBe(['Leaf 1 of a leaf test, before.', 'Leaf 2 of a leaf test, after.']);
});

it('shows script in a name as text', function (): void {
    $case = Notebook::case(Notebook::plant('<script>alert(1)</script>'));
    $text = (string) storyOf($case)->getContent();
    expect($text)->toContain('&lt;script&gt;', 'Nothing was counted yet.')->and(storyOf(999)->getStatusCode())->toBe(404);
    expect($text)->not->toContain('<script>');
});
