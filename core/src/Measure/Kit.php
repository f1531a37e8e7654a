<?php

declare(strict_types=1);

namespace IdleMixer\Core\Measure;

use IdleMixer\Core\Quantity\Amount;
use IdleMixer\Core\Quantity\Unit;

/** What a household measures with. */
final readonly class Kit
{
    /**
     * @param list<Measure> $measures 1 to 60
     * @param Amount|null   $scale    one step of a kitchen scale, a mass; null where there is none
     */
    public function __construct(public array $measures, public ?Amount $scale) {}

    /** What is used when nobody said which measures there are: a US kitchen set and a dropper, and no scale. */
    public static function kitchen(): self
    {
        $set = [[1.0, Unit::UsCup], [1.0, Unit::UsTablespoon], [1.0, Unit::UsTeaspoon], [0.5, Unit::UsTeaspoon], [0.25, Unit::UsTeaspoon], [1.0, Unit::Drop]];

        return new self(array_map(static fn(array $row): Measure => Measure::holding(Amount::of($row[0], $row[1])), $set), null);
    }

    public function planner(): ScoopPlanner
    {
        return new ScoopPlanner($this->measures, $this->scale);
    }
}
