<?php

declare(strict_types=1);

namespace IdleMixer\Core\Ask;

use DateTimeImmutable;
use DateTimeZone;
use IdleMixer\Core\Bench\BenchReader;
use IdleMixer\Core\Course\CourseAsk;
use IdleMixer\Core\Course\CourseMethod;
use IdleMixer\Core\Course\CourseMethods;
use IdleMixer\Core\Course\Recorded;
use IdleMixer\Core\Course\RecordKind;
use IdleMixer\Core\Data\InputLines;
use IdleMixer\Core\Data\ScheduleLines;
use IdleMixer\Core\Document\InvalidDocument;
use IdleMixer\Core\Document\Node;
use IdleMixer\Core\Method\Pressure;
use IdleMixer\Core\Plant\PlantNow;
use IdleMixer\Core\Plant\Site;
use IdleMixer\Core\Plant\ToleranceCatalogue;
use IdleMixer\Core\Trouble\TroubleCatalogue;
use IdleMixer\Core\Weather\HourJudge;
use IdleMixer\Core\Weather\SprayWants;
use IdleMixer\Core\Weather\Stand;
use IdleMixer\Core\Weather\WeatherReader;
use IdleMixer\Core\Weather\Week;
use IdleMixer\Core\Weather\Window;
use IdleMixer\Core\Weather\Windows;
use IdleMixer\Core\Words\Say;

/** Reads what is asked of a course, strictly. */
final readonly class CourseReader
{
    private const KEYS = ['trouble', 'plant', 'methods', 'pressure', 'start', 'today', 'zone', 'temperature_C', 'everyDays', 'budBreak', 'bloomUntil', 'pestStage', 'place', 'hours', 'record'];

    public function __construct(private CourseMethods $methods, private BenchReader $recipes, private TroubleCatalogue $troubles, private ToleranceCatalogue $classes, private PlantReader $plants, private WeatherReader $weather, private SprayWants $wants, private HourJudge $judge) {}

    public static function shipped(): self
    {
        return new self(CourseMethods::shipped(), BenchReader::shipped(), TroubleCatalogue::shipped(), ToleranceCatalogue::shipped(), PlantReader::shipped(), new WeatherReader(), SprayWants::shipped(), HourJudge::shipped());
    }

    /**
     * @return array{CourseAsk, DateTimeImmutable} and midnight of its first day, in UTC
     *
     * @throws InvalidDocument with the path of the first fault found
     */
    public function read(Node $node): array
    {
        $object = $node->object(self::KEYS);
        $zone = $object->filled('zone');
        $local = $zone === null ? new DateTimeZone('UTC') : WeatherReader::zone($zone);
        $start = new DateTimeImmutable($object->get('start')->day(), new DateTimeZone('UTC'));
        $day = static fn(?Node $on): ?int => $on === null ? null : (int) $start->diff(new DateTimeImmutable($on->day(), new DateTimeZone('UTC')))->format('%r%a');
        $slug = $object->filled('trouble');
        $trouble = $slug === null ? null : $this->troubles->trouble($slug->word(array_keys($this->troubles->troubles), 'trouble'));
        $stage = $object->filled('pestStage')?->word($trouble->stages ?? [], Say::it('ask/course-reader.stage'));
        $plant = $this->plant($object->filled('plant'));
        $methods = array_map(fn(Node $item): CourseMethod => $this->methods->of($this->recipes->recipe($item), $trouble, $stage, $plant), $object->get('methods')->items(1, ScheduleLines::MOST_IN_TURN['value'], 'methods'));
        assert($methods !== []);
        $today = $day($object->filled('today')) ?? 0;
        $pressure = $object->filled('pressure');
        [$hours, $until] = $this->hours($object, $methods[0], $plant, $start, $local);

        return [new CourseAsk(
            $trouble,
            $plant,
            $methods,
            $pressure === null ? Pressure::Moderate : Pressure::from($pressure->word(array_column(Pressure::cases(), 'value'), 'pressure')),
            $today,
            AirReader::celsius($object->filled('temperature_C')),
            $object->filled('everyDays')?->whole(1, ScheduleLines::LONGEST_PACE['value']),
            $day($object->filled('budBreak')),
            $day($object->filled('bloomUntil')),
            $stage,
            $this->record($object->filled('record'), $methods, $day),
            $hours,
            $until,
            seasonBegan: (int) $start->diff($start->setDate((int) $start->modify("{$today} days")->format('Y'), 1, 1))->format('%r%a'),
        ), $start];
    }

    /** A plant now, or the class of its leaf. */
    private function plant(?Node $node): PlantNow
    {
        return match (true) {
            $node === null => new PlantNow(),
            $node->isString() => new PlantNow($this->classes->get($node->word($this->classes->known(), Say::it('ask/course-reader.plant-tolerance-class')))),
            default => $this->plants->read($node),
        };
    }

    /**
     * @param list<CourseMethod>        $methods
     * @param callable(Node|null): ?int $day
     *
     * @return list<Recorded> earliest first
     */
    private function record(?Node $node, array $methods, callable $day): array
    {
        $slugs = array_map(static fn(CourseMethod $one): string => $one->recipe->slug, $methods);
        $all = array_map(static function (Node $item) use ($day, $slugs): Recorded {
            $row = $item->object(['on', 'kind', 'recipe', 'value', 'clean']);
            $kind = RecordKind::from($row->get('kind')->word(array_column(RecordKind::TOLD, 'value'), Say::it('ask/course-reader.kind-of-record')));
            $recipe = $row->filled('recipe')?->text(InputLines::LONGEST_SLUG['value'], 1);
            $value = $row->filled('value')?->countUpTo(InputLines::MOST_COUNTED['value']);

            // Where there is one method only, it is meant.
            return new Recorded((int) $day($row->get('on')), $kind, $recipe ?? (count($slugs) === 1 && $kind !== RecordKind::Count ? $slugs[0] : null), $value, $row->filled('clean')?->flag());
        }, $node?->items(0, InputLines::MOST_ROWS['value'], Say::it('ask/course-reader.records')) ?? []);
        usort($all, static fn(Recorded $a, Recorded $b): int => $a->day <=> $b->day);

        return $all;
    }

    /** @return array{list<array{int, Window}>|null, int|null} windows with the day of each, and the last day that is told; null where nobody told */
    private function hours(Node $object, CourseMethod $method, PlantNow $plant, DateTimeImmutable $start, DateTimeZone $zone): array
    {
        $told = $object->filled('hours');
        if ($told === null) {
            return [null, null];
        }
        $judged = $this->judge->judge(Week::of($this->weather->place($object->get('place')), $this->weather->hours($told)), $this->wants->of($method->mixture, $method->recipe->use), new Stand(indoors: $plant->site === Site::Indoors));
        $day = static fn(int $at): int => (int) $start->diff(new DateTimeImmutable((new DateTimeImmutable("@{$at}"))->setTimezone($zone)->format('Y-m-d'), new DateTimeZone('UTC')))->format('%r%a');
        $last = $judged === [] ? null : $day($judged[count($judged) - 1]->hour->told->at);

        return [array_map(static fn(Window $window): array => [$day($window->from), $window], Windows::all($judged)), $last];
    }
}
