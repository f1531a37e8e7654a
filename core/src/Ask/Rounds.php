<?php

declare(strict_types=1);

namespace IdleMixer\Core\Ask;

use DateTimeImmutable;
use DateTimeZone;
use IdleMixer\Core\Bench\BenchReader;
use IdleMixer\Core\Choice\ProgrammeAsk;
use IdleMixer\Core\Choice\ProgrammePlanner;
use IdleMixer\Core\Data\InputLines;
use IdleMixer\Core\Data\ScheduleLines;
use IdleMixer\Core\Document\InvalidDocument;
use IdleMixer\Core\Document\Node;
use IdleMixer\Core\Plant\ToleranceCatalogue;
use IdleMixer\Core\Recipe\Recipe;
use IdleMixer\Core\Schedule\Entry;
use IdleMixer\Core\Schedule\Gap;
use IdleMixer\Core\Trouble\TroubleCatalogue;
use IdleMixer\Core\Weather\WeatherReader;
use IdleMixer\Core\Wording\RoundWords;
use IdleMixer\Core\Words\Say;

/**
 * A programme of rounds and looks as open documents: `{"trouble", "plant", "recipes": ["…"], "start": "2026-04-01", "zone",
 * "pressure": "infested" | "prevention", "temperature_C", "interval_days"}`.
 *
 * @phpstan-type EntryRow array{on: string, kind: string, recipe: string|null, because: string}
 * @phpstan-type GapRow array{from: string, to: string, because: string}
 */
final readonly class Rounds
{
    private const PRESSURES = ['infested', 'prevention'];

    public function __construct(
        private ProgrammePlanner $planner,
        private BenchReader $recipes,
        private TroubleCatalogue $troubles,
        private ToleranceCatalogue $plants,
        private RoundWords $words,
    ) {}

    public static function shipped(): self
    {
        return new self(ProgrammePlanner::shipped(), BenchReader::shipped(), TroubleCatalogue::shipped(), ToleranceCatalogue::shipped(), RoundWords::shipped());
    }

    /**
     * @return array{entries: list<EntryRow>, gaps: list<GapRow>}
     *
     * @throws InvalidDocument with the path of the first fault found
     */
    public function answer(Node $node): array
    {
        $object = $node->object(['trouble', 'plant', 'recipes', 'start', 'zone', 'pressure', 'temperature_C', 'interval_days']);
        $zone = $object->filled('zone');
        if ($zone !== null) {
            // Days are days in any zone; a zone that is none is a fault all the same.
            WeatherReader::zone($zone);
        }
        $start = new DateTimeImmutable($object->get('start')->day(), new DateTimeZone('UTC'));
        $programme = $this->planner->plan($this->asked($node));
        $on = static fn(int $day): string => $start->modify("+{$day} days")->format('Y-m-d');

        return [
            'entries' => array_map(fn(Entry $entry): array => ['on' => $on($entry->day), 'kind' => $entry->kind->value, 'recipe' => $entry->recipe, 'because' => $this->words->entry($entry, $programme)], $programme->entries),
            'gaps' => array_map(fn(Gap $gap): array => ['from' => $on($gap->from), 'to' => $on($gap->to), 'because' => $this->words->gap($gap, $programme)], $programme->gaps),
        ];
    }

    /** @throws InvalidDocument with the path of the first fault found */
    private function asked(Node $node): ProgrammeAsk
    {
        $object = $node->open();
        $trouble = $this->troubles->trouble($object->get('trouble')->word(array_keys($this->troubles->troubles), 'trouble'));
        $plant = $object->filled('plant');
        $recipes = array_map(fn(Node $item): Recipe => $this->recipes->recipe($item), $object->get('recipes')->items(1, ScheduleLines::MOST_IN_TURN['value'], 'recipes'));
        assert($recipes !== []);
        $pressure = $object->filled('pressure')?->word(self::PRESSURES, 'pressure') ?? self::PRESSURES[0];
        $celsius = $object->filled('temperature_C');
        $degrees = $celsius?->number();
        if ($celsius !== null && ($degrees < InputLines::COLDEST_AIR['value'] || $degrees > InputLines::HOTTEST_AIR['value'])) {
            throw $celsius->fault(Say::it('ask/rounds.expected-to-c-found', ['coldest-air' => InputLines::COLDEST_AIR['value'], 'hottest-air' => InputLines::HOTTEST_AIR['value']]));
        }

        return new ProgrammeAsk(
            $trouble,
            $recipes,
            $plant === null ? null : $this->plants->get($plant->word($this->plants->known(), Say::it('ask/rounds.plant-tolerance-class'))),
            $pressure === self::PRESSURES[0],
            $degrees,
            $object->filled('interval_days')?->whole(1, ScheduleLines::LONGEST_PACE['value']),
        );
    }
}
