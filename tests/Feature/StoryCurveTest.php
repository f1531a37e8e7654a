<?php

declare(strict_types=1);

use App\Http\Answer\StoryAnswer;
use App\Http\Answer\StoryEvent;
use App\Http\Answer\StoryRain;
use App\Http\StoryCurve;

/*
 * Where things stand in the curve of a case, worked out by hand. It is 720 wide and 320 high; ten days go from 60 to 704, so a day is
 * 64.4; nothing stands at 250 and the most that was counted at 40, so of 40 each is 5.25.
 */

/**
 * @param list<StoryEvent> $events
 * @param list<int>        $rain   mm, day by day
 */
function curveOf(array $events, ?string $zone = null, array $rain = []): string
{
    return StoryCurve::draw(new StoryAnswer('Aphids on Aster', 'aphids on ten tips', '', tenDays(0), null, $zone === null ? null : new DateTimeZone($zone), $events, array_map(static fn(int $day, int $mm): StoryRain => new StoryRain(tenDays($day), $mm), array_keys($rain), $rain)));
}

function tenDays(float $day): DateTimeImmutable
{
    return new DateTimeImmutable('@' . (int) (strtotime('2026-06-01T02:00:00Z') + 86_400 * $day));
}

it('puts each thing where its day and its count are', function (): void {
    $curve = curveOf([
        new StoryEvent(tenDays(0), 'count', '', 40.0),
        new StoryEvent(tenDays(2), 'round', '', handWork: true),
        new StoryEvent(tenDays(3), 'burn', ''),
        new StoryEvent(tenDays(5), 'untreated', '', 20.0),
        new StoryEvent(tenDays(7), 'round', ''),
        new StoryEvent(tenDays(8), 'untreated', '', 32.0),
        new StoryEvent(tenDays(10), 'count', '', 10.0),
    ], null, [3, 0, 0, 0, 10, 0, 80]);
    expect($curve)->toContain(
        'viewBox="0 0 720 320"',
        'aria-label="aphids on ten tips, over time; the table below has every figure"',
        // The sprayed plant, whole; the other one dashed.
        '<path d="M60 40L704 197.5" fill="none" stroke="#16211c" stroke-width="2.5"/>',
        '<path d="M382 145L575.2 82" fill="none" stroke="#16211c" stroke-width="2.5" stroke-dasharray="7 5"/>',
        '<circle cx="60" cy="40" r="5"',
        '<circle cx="704" cy="197.5" r="5"',
        '<rect x="377" y="140" width="10" height="10"',
        '<rect x="570.2" y="77" width="10" height="10"',
        // Rounds are numbered, and say what else was done; they reach from top to bottom.
        '<path d="M188.8 32l-7 -13h14z"',
        '<text x="197.8" y="30">1 H</text>',
        '<path d="M188.8 40V250"',
        '<text x="519.8" y="30">2</text>',
        '<path d="M510.8 40V250"',
        '<text x="253.2" y="244" text-anchor="middle" font-weight="700">B</text>',
        // 2 a millimetre, 50 at most.
        '<path d="M60 40v6"',
        '<path d="M317.6 40v20"',
        '<path d="M446.4 40v50"',
        // What the height says, in what it is counted, and on which days.
        '<path d="M52 250H712"',
        '<text x="44" y="255" text-anchor="end">0</text>',
        '<path d="M52 145H712"',
        '<text x="44" y="150" text-anchor="end">20</text>',
        '<path d="M52 40H712"',
        '<text x="44" y="45" text-anchor="end">40</text>',
        '<text x="60" y="308">aphids on ten tips</text>',
        '<text x="60" y="278" text-anchor="start">1 Jun</text>',
        '<text x="382" y="278" text-anchor="middle">6 Jun</text>',
        '<text x="704" y="278" text-anchor="end">11 Jun</text>',
    );
});

it('counts days by the clock of the garden', function (): void {
    // Two in the morning in Greenwich is the evening before in New York.
    $events = [new StoryEvent(tenDays(0), 'count', '', 4.0), new StoryEvent(tenDays(10), 'count', '', 1.0)];
    expect(curveOf($events, 'America/New_York'))->toContain('>31 May</text>', '>10 Jun</text>')
        ->and(curveOf($events))->toContain('>1 Jun</text>', '>11 Jun</text>');
});

it('says what half of it is, where that is no whole number', function (): void {
    $events = [new StoryEvent(tenDays(0), 'count', '', 3.0), new StoryEvent(tenDays(1), 'count', '', 0.0)];
    expect(curveOf($events))->toContain('text-anchor="end">1.5</text>', 'text-anchor="end">3</text>', '<circle cx="704" cy="250"');
});

it('draws what was counted once, or as nothing, and nothing where nothing was', function (): void {
    expect(curveOf([new StoryEvent(tenDays(0), 'count', '', 0.0)]))->toContain('<circle cx="60" cy="250"', 'text-anchor="end">1</text>')
        ->and(curveOf([new StoryEvent(tenDays(0), 'opened', '')]))->toBe('<p>Nothing was counted yet.</p>')
        ->and(curveOf([]))->toBe('<p>Nothing was counted yet.</p>')
        ->and(curveOf([new StoryEvent(tenDays(0), 'count', '', 8.0)], 'UTC', [4]))->not->toContain('NAN', 'INF');
});

it('shows signs in what is counted as text', function (): void {
    $story = new StoryAnswer('', 'mites & <eggs>', '', tenDays(0), null, null, [new StoryEvent(tenDays(0), 'count', '', 2.0)], []);
    expect(StoryCurve::draw($story))->toContain('mites &amp; &lt;eggs&gt;')
        ->and(StoryCurve::draw($story))->not->toContain('<eggs>');
});
