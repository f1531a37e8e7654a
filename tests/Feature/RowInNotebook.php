<?php

declare(strict_types=1);

namespace Tests\Feature;

use Closure;
use DateTimeImmutable;
use IdleMixer\Core\Plant\KindCatalogue;
use IdleMixer\Core\Recipe\RecipeCatalogue;
use IdleMixer\Core\Recipe\RecipeWriter;
use Illuminate\Support\Facades\Date;
use RuntimeException;

/**
 * A row of the table of the gate, lived through in a notebook: the plant as it is entered, its rounds, burns and leaf tests on their days,
 * and what is asked about, mixed when it was. An interval is met by rounds that were as many days apart.
 *
 * @phpstan-type Spray array{recipe: string, factor?: float|int, highEnd?: bool, strengths?: array<string, float|int>, bottle?: array{madeHoursAgo?: int, ticked?: string, sprayerHadWeedKiller?: bool}}
 * @phpstan-type Had array{daysAgo: float|int, recipe?: string, factor?: float|int, highEnd?: bool, substance?: string, burntPercent?: float|int, rinsed?: bool}
 * @phpstan-type Test array{daysAgo: float|int, recipe: string, factor?: float|int, highEnd?: bool, strengths?: array<string, float|int>, leaves?: int, worstPercent?: float|int, sameKind?: bool, thisBottle?: bool, sinceThen?: list<string>}
 * @phpstan-type More array{had?: list<Had>, tests?: list<Test>, everyDays?: int, waterTemperature_C?: int}
 */
final class RowInNotebook
{
    public const ASKED_AT = '2026-06-10T18:00:00Z';

    /** So much that teaspoons come out even at 1 and at 1.2 times a percent: what is tested is what was meant. */
    private const EVEN = ['amount' => 4928, 'unit' => 'mL'];

    /** Days before, for the plant to be written down. */
    private const LONG_AGO = 300.0;

    /** Days before, for a test where the row tells of none. */
    private const TESTED = 12;

    private int $plant = 0;

    private ?Doors $doors = null;

    /**
     * @param Spray                $spray
     * @param array<string, mixed> $is    the plant, as the row has it
     * @param More                 $more
     * @param string               $keeping the school by which what is asked about keeps
     */
    private function __construct(private readonly array $spray, private readonly array $is, private readonly array $more, private readonly string $keeping) {}

    /** @param array{0: array<string, mixed>|string, 1: array<string, mixed>, 2: array<string, mixed>, ...} $row of the table */
    public static function of(array $row, string $keeping): self
    {
        /** @var Spray $spray */
        $spray = is_string($row[0]) ? ['recipe' => $row[0]] : $row[0];
        /** @var More $more */
        $more = $row[2];

        return new self($spray, $row[1], $more, $keeping);
    }

    public function doors(): Doors
    {
        self::daysBefore(self::LONG_AGO);
        $this->plant = Doors::plant($this->entered());
        $age = ($this->spray['bottle']['madeHoursAgo'] ?? 0) / 24.0;
        /** @var list<array{float, Closure(): void}> $events */
        $events = [[$age, function () use ($age): void {
            $this->mix($age);
        }]];
        foreach ($this->had() as $one) {
            $events[] = [(float) $one['daysAgo'], function () use ($one): void {
                $this->round($one);
            }];
        }
        foreach ($this->more['tests'] ?? [$this->usualTest()] as $one) {
            $events[] = [$one['daysAgo'] + 0.1, function () use ($one): void {
                $this->test($one);
            }];
        }
        usort($events, static fn(array $a, array $b): int => $b[0] <=> $a[0]);
        foreach ($events as [, $do]) {
            $do();
        }
        Date::setTestNow(self::ASKED_AT);

        return $this->doors ?? throw new RuntimeException('It was never mixed.');
    }

    /** Whether it is a plan of the usual bottles, as the choice proposes it. */
    public function isUsual(): bool
    {
        return ! isset($this->spray['bottle']) && ! isset($this->spray['strengths']) && ! isset($this->more['waterTemperature_C']);
    }

    public function isBottle(): bool
    {
        return isset($this->spray['bottle']);
    }

    /** @return Test of the very spray, and clean */
    private function usualTest(): array
    {
        $test = ['daysAgo' => self::TESTED, 'recipe' => $this->spray['recipe'], 'factor' => $this->spray['factor'] ?? 1, 'highEnd' => $this->spray['highEnd'] ?? false];

        return isset($this->spray['strengths']) ? [...$test, 'strengths' => $this->spray['strengths']] : $test;
    }

    /** @return list<Had> rounds only */
    private function had(): array
    {
        $had = array_values(array_filter($this->more['had'] ?? [], static fn(array $one): bool => isset($one['recipe'])));
        $every = $this->more['everyDays'] ?? 7;
        for ($ago = $every; $ago < 7; $ago += $every) {
            $had[] = ['daysAgo' => $ago, 'recipe' => $this->spray['recipe']];
        }

        return $had;
    }

    /** @return array<string, mixed> the plant, as it is entered */
    private function entered(): array
    {
        $day = static fn(float $ahead): string => (new DateTimeImmutable(self::ASKED_AT))->modify(round($ahead) . ' days')->format('Y-m-d');
        $flags = is_array($this->is['flags'] ?? null) ? $this->is['flags'] : [];
        $kind = is_string($this->is['kind'] ?? null) ? $this->is['kind'] : '';
        $fields = ['kind' => $kind, 'tolerance' => $this->is['leaf'] ?? KindCatalogue::shipped()->read($kind)->leaf->slug ?? 'ordinary-leaf', 'indoors' => ($this->is['place'] ?? '') === 'indoors'];
        foreach (['dry-root' => ['dryOn' => $day(0)], 'freshly-moved' => ['movedOn' => $day(-1)], 'wounded' => ['wounded' => true], 'eaten-raw' => ['eatenRaw' => true], 'soap-sensitive' => ['soapSensitive' => true], 'bears-no-oil' => ['bearsNoOil' => true], 'rare' => ['rare' => true]] as $flag => $field) {
            $fields = in_array($flag, $flags, true) ? [...$fields, ...$field] : $fields;
        }
        if (isset($this->is['stage'])) {
            $fields = [...$fields, 'stage' => $this->is['stage'], 'stageOn' => $day(0)];
        }
        if (is_int($this->is['harvestInDays'] ?? null)) {
            $fields['harvestOn'] = $day($this->is['harvestInDays']);
        }
        foreach ($this->more['had'] ?? [] as $one) {
            if (isset($one['substance'])) {
                $fields[$one['substance'] === 'sulfur' ? 'sulfurOn' : 'copperOn'] = $day(-$one['daysAgo']);
            }
        }

        return $fields;
    }

    /** @param Had $one */
    private function round(array $one): void
    {
        self::daysBefore((float) $one['daysAgo']);
        $before = Doors::before([], array_intersect_key($one, ['recipe' => 1, 'factor' => 1, 'highEnd' => 1]), $this->plant);
        $round = $before->sprayed(['rinsed' => $one['rinsed'] ?? false])->id('saved.id');
        if (isset($one['burntPercent'])) {
            Notebook::sent("/api/rounds/{$round}/burns", ['share' => $one['burntPercent']]);
        }
        Notebook::put("/api/batches/{$before->batch()}/discarded", ['discarded' => true]);
    }

    /** @param Test $one */
    private function test(array $one): void
    {
        $since = $one['sinceThen'] ?? [];
        $on = match (true) {
            ! ($one['sameKind'] ?? true) => Doors::plant([...$this->entered(), 'kind' => 'Pepper', 'name' => 'Another']),
            in_array('other-variety', $since, true) => Doors::plant([...$this->entered(), 'variety' => 'white', 'name' => 'The white one']),
            in_array('other-plant', $since, true) => Doors::plant([...$this->entered(), 'name' => 'Its neighbour']),
            default => $this->plant,
        };
        self::daysBefore($one['daysAgo'] + 0.05);
        $batch = ($one['thisBottle'] ?? false) && $this->doors !== null ? $this->doors->batch() : $this->tested($one, $on, in_array('other-bottle', $since, true));
        $leaves = $one['leaves'] ?? 3;
        self::daysBefore((float) $one['daysAgo']);
        $begun = Notebook::sent('/api/leaf-tests', ['batchId' => $batch, 'plantId' => $on, 'leaves' => $leaves]);
        self::daysBefore($one['daysAgo'] - 2.0);
        // Those that were wetted, and two beside.
        $read = Notebook::sent("/api/leaf-tests/{$begun->id()}/readings", ['leaves' => Leaves::seen((float) ($one['worstPercent'] ?? 0.0), ...array_fill(0, $leaves + 1, 0.0))]);
        if ($read->status !== 201) {
            throw new RuntimeException("The leaves were not taken: {$read->text}");
        }
        if (in_array('heat', $since, true)) {
            self::hotDays();
        }
    }

    /** @param Test $one */
    private function tested(array $one, int $on, bool $otherSoap): int
    {
        $batch = Notebook::batch(['make' => self::EVEN, ...$this->asked($one)], Notebook::case($on));
        Notebook::tickAll($batch);
        if ($otherSoap) {
            // Another kind of soap stood in its place.
            Notebook::sent("/api/batches/{$batch->id()}/lines", ['kind' => 'swapped', 'item' => 'castile-soap', 'ingredient' => 'dish-detergent']);
        }
        Notebook::post("/api/batches/{$batch->id()}/finish", ['standTest' => 'even']);

        return $batch->id();
    }

    private function mix(float $age): void
    {
        self::daysBefore($age);
        $water = $this->more['waterTemperature_C'] ?? null;
        $request = ['make' => isset($this->more['tests']) ? self::EVEN : ['amount' => 1, 'unit' => 'L'], ...$this->asked($this->spray), ...$water === null ? [] : ['water' => ['temperature' => ['amount' => $water, 'unit' => 'Cel']]]];
        $bottle = $this->spray['bottle'] ?? [];
        $this->doors = Doors::before([], $request, $this->plant, ($bottle['ticked'] ?? 'all') === 'all', ($bottle['sprayerHadWeedKiller'] ?? false) ? self::weedKilled() : null, $this->keeping);
    }

    /**
     * @param array{recipe: string, factor?: float|int, highEnd?: bool, strengths?: array<string, float|int>} $spray
     *
     * @return array<string, mixed> of the bench: a bottle of another strength is another recipe
     */
    private function asked(array $spray): array
    {
        $strengths = $spray['strengths'] ?? [];
        $asked = array_intersect_key($spray, ['recipe' => 1, 'factor' => 1, 'highEnd' => 1]);
        if ($strengths === []) {
            return $asked;
        }
        $document = RecipeWriter::write(RecipeCatalogue::shipped()->get($spray['recipe']));
        $lines = [];
        foreach (is_array($document['lines']) ? $document['lines'] : [] as $line) {
            $stated = is_array($line) && is_string($line['ingredient']) ? $strengths[$line['ingredient']] ?? null : null;
            $lines[] = is_array($line) && $stated !== null ? [...$line, 'strength' => $stated] : $line;
        }

        return [...$asked, 'recipe' => [...$document, 'lines' => $lines]];
    }

    /** A sprayer that once had weed killer in it. */
    private static function weedKilled(): int
    {
        $sprayer = Notebook::sent('/api/sprayers', ['name' => 'The old one', 'holds' => ['amount' => 2, 'unit' => 'L']]);
        Notebook::sent("/api/sprayers/{$sprayer->id()}/events", ['kind' => 'weed-killer']);

        return $sprayer->id();
    }

    /** Days of 34 °C in the garden, until yesterday. */
    private static function hotDays(): void
    {
        $table = "at,temperature_C,humidity_percent,wind_kmh,rain_mm,cloud_percent\n";
        foreach (range(4, 1) as $ago) {
            $table .= (new DateTimeImmutable(self::ASKED_AT))->modify("-{$ago} days")->format('Y-m-d') . "T14:00:00Z,34,40,5,0,10\n";
        }
        Notebook::put('/api/garden', ['basedOn' => 0, 'place' => ['latitude' => 47.3, 'longitude' => 9.9, 'zone' => 'Europe/Vienna'], 'roomCelsius' => 20, 'source' => 'file']);
        Notebook::sent('/api/weather/files', ['name' => 'june.csv', 'content' => $table]);
    }

    private static function daysBefore(float $days): void
    {
        Date::setTestNow((new DateTimeImmutable(self::ASKED_AT))->modify('-' . (int) round(1440 * max(0.0, $days)) . ' minutes')->format('Y-m-d\TH:i:s\Z'));
    }
}
