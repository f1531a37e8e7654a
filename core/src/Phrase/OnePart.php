<?php

declare(strict_types=1);

namespace IdleMixer\Core\Phrase;

use IdleMixer\Core\Data\InputLines;
use IdleMixer\Core\Quantity\Unit;
use IdleMixer\Core\Words\Say;

/** What one part is taken as where a recipe is said in parts alone: a cup, or a tablespoon where there are many; the bench makes any amount of it. */
final readonly class OnePart
{
    public function __construct(private ?Kitchen $kitchen) {}

    public function of(float $parts): UnitMeaning
    {
        $us = $this->kitchen === null || $this->kitchen === Kitchen::Us;

        return match (true) {
            $parts > InputLines::PARTS_BY_CUP['value'] => $us ? new UnitMeaning(1.0, Unit::UsTablespoon, Say::it('phrase/one-part.us-tablespoon')) : new UnitMeaning(1.0, Unit::MetricTablespoon, Say::it('phrase/one-part.metric-tablespoon')),
            $us => new UnitMeaning(1.0, Unit::UsCup, Say::it('phrase/one-part.us-cup')),
            default => new UnitMeaning(InputLines::METRIC_CUP['value'], Unit::Millilitre, Say::it('phrase/one-part.metric-cup')),
        };
    }

    /** A line of a stock that was said in parts, as an amount. */
    public function measured(SpokenLine $line): SpokenLine
    {
        return $line->kind === SpokenKind::Parts && $line->waterParts === null
            ? new SpokenLine($line->of, SpokenKind::Amount, $line->low, null, $this->of($line->low), strength: $line->strength, remarks: $line->remarks)
            : $line;
    }
}
