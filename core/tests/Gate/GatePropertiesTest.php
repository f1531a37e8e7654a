<?php

declare(strict_types=1);

use IdleMixer\Core\Safety\Level;
use IdleMixer\Core\Tests\Support\Gates;
use Random\Engine\Mt19937;
use Random\Randomizer;

/*
 * What holds of any spray on any plant: one more hazard never makes it better, less of it never makes it worse, and what nobody knows is never
 * "ok". Common practice, no source.
 */

const RANK = ['ok' => 0, 'caution' => 1, 'stop' => 2];

/** @return Generator<array{array<string, mixed>, array<string, mixed>, array<string, mixed>}> a spray, a plant and what it had */
function situations(int $seed, int $of): Generator
{
    $random = new Randomizer(new Mt19937($seed));
    /**
     * @template T
     *
     * @param non-empty-list<T> $of
     *
     * @return T
     */
    $pick = static fn(array $of): mixed => $of[$random->getInt(0, count($of) - 1)];
    $sprays = ['plain-soap', 'neem-leaf-quart', 'castile-and-kitchen-oil', 'fine-paraffin-mist', 'soda-and-oil-by-the-book', 'mint-mask', 'mild-alcohol', 'soap-and-alcohol-by-eye', 'half-alcohol-swab', 'winter-wood-oil', 'weak-pot-drench', 'empty-bed-neem-drench', 'egg-and-oil-milk', 'peroxide-in-turn', 'orchard-neem'];
    for ($i = 0; $i < $of; ++$i) {
        $recipe = $sprays[$random->getInt(0, count($sprays) - 1)];
        yield [
            ['recipe' => $recipe, 'factor' => $pick([0.3, 0.5, 0.7, 1.0, 1.4])],
            ['kind' => $pick([null, 'rose', 'basil', 'lemon', 'coleus', 'echeveria', 'apple', 'lantana']), 'place' => $pick(['outdoors', 'indoors', 'glasshouse']), 'stage' => $pick([null, null, 'bare', 'in-leaf', 'in-bloom', 'seedling'])],
            ['tests' => $pick([[], [Gates::clean($recipe)]]), 'had' => $pick([[], [['daysAgo' => $random->getInt(0, 12), 'recipe' => $pick($sprays), 'burntPercent' => $pick([null, null, 30])]]]), 'everyDays' => $pick([null, 2, 7])],
        ];
    }
}

$many = getenv('MIXER_LONG') === '1' ? 5_000 : 300;

it('is never better for one more hazard', function () use ($many): void {
    $hazards = [
        ['plant', ['flags' => ['dry-root']]], ['plant', ['flags' => ['wounded']]], ['plant', ['flags' => ['freshly-moved']]], ['plant', ['flags' => ['bears-no-oil']]], ['plant', ['flags' => ['soap-sensitive']]], ['plant', ['harvestInDays' => 1, 'flags' => ['eaten-raw']]],
        ['had', ['daysAgo' => 2, 'substance' => 'sulfur']], ['had', ['daysAgo' => 20, 'substance' => 'sulfur']], ['had', ['daysAgo' => 3, 'substance' => 'copper']], ['had', ['daysAgo' => 1, 'recipe' => 'fine-paraffin-mist']], ['had', ['daysAgo' => 4, 'recipe' => 'neem-leaf-quart', 'burntPercent' => 40]],
        ['more', ['waterTemperature_C' => 60]], ['more', ['everyDays' => 1]],
        ['spray', ['bottle' => ['madeHoursAgo' => 2, 'ticked' => 'some', 'sprayerHadWeedKiller' => false]]], ['spray', ['bottle' => ['madeHoursAgo' => 2, 'ticked' => 'all', 'sprayerHadWeedKiller' => true]]], ['spray', ['bottle' => ['madeHoursAgo' => 2_000, 'ticked' => 'all', 'sprayerHadWeedKiller' => false]]],
    ];
    $n = 0;
    foreach (situations(1, $many) as [$spray, $plant, $more]) {
        [$where, $hazard] = $hazards[++$n % count($hazards)];
        $before = Gates::ask($spray, $plant, $more);
        $had = is_array($more['had']) ? $more['had'] : [];
        $after = Gates::ask(
            $where === 'spray' ? [...$spray, ...$hazard] : $spray,
            $where === 'plant' ? [...$plant, ...$hazard] : $plant,
            match ($where) {
                'had' => [...$more, 'had' => [...$had, $hazard]],
                'more' => [...$more, ...$hazard],
                default => $more,
            },
        );
        expect(RANK[$after->level])->toBeGreaterThanOrEqual(RANK[$before->level], json_encode([$spray, $plant, $more, $hazard], \JSON_THROW_ON_ERROR) . "\n{$before->told()}\n-> {$after->told()}");
    }
});

it('is never worse for less of it', function () use ($many): void {
    foreach (situations(2, $many) as [$spray, $plant, $more]) {
        $factor = $spray['factor'];
        assert(is_float($factor));
        $before = Gates::ask($spray, $plant, $more);
        $after = Gates::ask([...$spray, 'factor' => $factor * 0.6], $plant, $more);
        expect(RANK[$after->level])->toBeLessThanOrEqual(RANK[$before->level], json_encode([$spray, $plant, $more], \JSON_THROW_ON_ERROR) . "\n{$before->told()}\n-> {$after->told()}");
    }
});

it('is never ok where nobody knows what is in it, and never proven by another bottle', function () use ($many): void {
    foreach (situations(3, $many) as [$spray, $plant, $more]) {
        foreach (['some', 'none'] as $ticked) {
            $answer = Gates::ask([...$spray, 'bottle' => ['madeHoursAgo' => 1, 'ticked' => $ticked, 'sprayerHadWeedKiller' => false]], $plant, $more);
            expect($answer->level)->not->toBe(Level::Ok->value)->and($answer->proven)->toBe('no');
        }
    }
});
