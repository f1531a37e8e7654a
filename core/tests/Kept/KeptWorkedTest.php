<?php

declare(strict_types=1);

use IdleMixer\Core\Ask\Compose;
use IdleMixer\Core\Ask\Worked;
use IdleMixer\Core\Document\JsonText;
use IdleMixer\Core\Phrase\Kitchen;
use IdleMixer\Core\Recipe\RecipeUse;
use IdleMixer\Core\Tests\Support\Kept;

it('says of a season of made-up counts what worked as it did when that was read through', function (): void {
    $chance = new Random\Randomizer(new Random\Engine\Mt19937(23));
    $sprays = ['plain-soap', 'neem-leaf-quart', 'mild-alcohol', 'soda-leaf-spray', 'gentle-neem', 'winter-wood-oil'];
    $pests = ['aphids', 'mealybugs', 'spider-mites', 'powdery-mildew'];
    $cases = [];
    for ($n = 0; $n < 24; ++$n) {
        $at = static fn(int $hours): string => (new DateTimeImmutable('2026-04-01T18:00:00Z'))->modify("+{$n} days +{$hours} hours")->format('Y-m-d\TH:i:s\Z');
        $count = $chance->getInt(4, 160);
        $rounds = $counts = [];
        if ($n % 7 !== 3) {
            $counts[] = ['at' => $at(-2 - 24 * ($n % 5)), 'value' => $count];
        }
        for ($round = 0; $round < 1 + $n % 3; ++$round) {
            $rounds[] = ['at' => $at($round * 168), 'recipe' => $sprays[$n % 6], 'factor' => $n % 4 === 1 ? 1.5 : 1.0, 'handWork' => $n % 8 === 5];
            $count = intdiv($count * $chance->getInt(5, 110), 100);
            $counts[] = ['at' => $at($round * 168 + ($n % 6 === 4 ? 10 : 96)), 'value' => $count];
            if ($n % 2 === 0) {
                $counts[] = ['at' => $at($round * 168 - 3), 'value' => 60 + $n, 'untreated' => true];
                $counts[] = ['at' => $at($round * 168 + 97), 'value' => intdiv((60 + $n) * (30 + 5 * $n), 100), 'untreated' => true];
            }
        }
        $cases[] = ['id' => "case {$n}", 'pest' => $pests[$n % 4], 'plant' => 'rose', 'rounds' => $rounds, 'counts' => $counts];
    }
    expect(Kept::change('worked', Worked::shipped()->answer(JsonText::parse(json_encode(['cases' => $cases], \JSON_THROW_ON_ERROR)))))->toBe('');
});

it('hears each line as it did when that was read through', function (): void {
    $ask = Compose::shipped();
    $kitchens = ['us' => Kitchen::Us, 'uk' => Kitchen::British, 'au' => Kitchen::Australian, 'm' => Kitchen::Metric];
    $heard = [];
    foreach (explode("\n", (string) file_get_contents(__DIR__ . '/../Phrase/said/phrases.txt')) as $n => $row) {
        $parts = array_map(trim(...), explode(' | ', $row));
        if ($n % 8 === 1 && count($parts) === 3) {
            $kitchen = $kitchens[explode(' ', $parts[0])[0]] ?? null;
            $answer = $ask->answer("1 L water\n{$parts[1]}", $kitchen, RecipeUse::Foliar);
            $line = static fn(array $one): string => implode(' | ', array_map(static fn(mixed $value): string => is_string($value) ? $value : json_encode($value, \JSON_UNESCAPED_UNICODE | \JSON_THROW_ON_ERROR), array_values(array_diff_key($one, ['text' => 0]))));
            $heard[$parts[1]] = [...array_map($line, $answer['lines']), $answer['strength'], $answer['problem']];
        }
    }
    expect(count($heard))->toBeGreaterThan(20)->and(Kept::change('heard', $heard))->toBe('');
});
