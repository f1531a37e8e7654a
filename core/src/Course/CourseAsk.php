<?php

declare(strict_types=1);

namespace IdleMixer\Core\Course;

use IdleMixer\Core\Method\Pressure;
use IdleMixer\Core\Plant\PlantNow;
use IdleMixer\Core\Schedule\FreeFrom;
use IdleMixer\Core\Trouble\Trouble;
use IdleMixer\Core\Weather\Window;

/** What a course is asked for, and everything recorded on it. */
final readonly class CourseAsk
{
    /**
     * @param list<CourseMethod>           $methods in the order in which they take turns; none where plants only stand apart
     * @param list<Recorded>               $record  earliest first
     * @param list<int>                    $wanted  days that the gardener chose for rounds, earliest first
     * @param list<array{int, Window}>|null $hours  good and workable hours to come with their days; null where nobody told the weather
     */
    public function __construct(
        /** Null where it is feared and not there: prevention against nothing that is named. */
        public ?Trouble $trouble,
        public PlantNow $plant,
        public array $methods,
        public Pressure $pressure,
        /** Days from the start to today. */
        public int $today = 0,
        /** °C, mean of day and night; null where nobody said. */
        public ?float $celsius = null,
        /** Days that the gardener wants between rounds. */
        public ?int $everyDays = null,
        /** Days from the start to the breaking of buds. */
        public ?int $budBreak = null,
        /** The last day of bloom. */
        public ?int $bloomUntil = null,
        /** As the catalogue has it; null where nobody said. */
        public ?string $stage = null,
        public array $record = [],
        public ?array $hours = null,
        /** The day until which the weather is told. */
        public ?int $toldUntil = null,
        public ?Settled $settled = null,
        /** The first day of this season: of the year that today is of; below 0 where that was before the start. */
        public int $seasonBegan = 0,
        public array $wanted = [],
        /** The days that the gardener has; null where that is every day. */
        public ?FreeFrom $free = null,
        /** The day on which the newest of the plants came. */
        public int $newest = 0,
    ) {}

    /** @return list<Recorded> earliest first */
    public function recorded(RecordKind ...$kinds): array
    {
        return array_values(array_filter($this->record, fn(Recorded $one): bool => in_array($one->kind, $kinds, true) && $one->day <= $this->today));
    }

    /** @return list<Recorded> rounds with one of the methods */
    public function rounds(): array
    {
        return array_values(array_filter($this->recorded(RecordKind::Round), fn(Recorded $one): bool => $this->method($one->recipe) !== null));
    }

    public function method(?string $slug): ?CourseMethod
    {
        foreach ($this->methods as $method) {
            if ($method->recipe->slug === $slug) {
                return $method;
            }
        }

        return null;
    }
}
