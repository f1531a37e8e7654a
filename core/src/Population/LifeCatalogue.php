<?php

declare(strict_types=1);

namespace IdleMixer\Core\Population;

use IdleMixer\Core\Catalogue\Things;
use IdleMixer\Core\Data\PopulationLines;
use IdleMixer\Core\Schedule\BiologyCatalogue;

/**
 * How what multiplies lives.
 *
 * @phpstan-type LifeRow array{resting?: float, survive: array<string, float>, adult: float, before: int, lays: float, seen: list<string>, source: string}
 */
final readonly class LifeCatalogue
{
    /** @param array<string, LifeRow> $rows by trouble */
    public function __construct(private array $rows, private BiologyCatalogue $biology) {}

    public static function shipped(): self
    {
        /** @var array<string, LifeRow> $rows */
        $rows = Things::of('troubles')->column('multiplies');

        return new self($rows, BiologyCatalogue::shipped());
    }

    /** @return list<string> troubles of which is known how they multiply */
    public function troubles(): array
    {
        return array_keys($this->rows);
    }

    /** Null where too little is known of it, or where it does not multiply on the plant. */
    public function of(string $trouble): ?Life
    {
        $row = $this->rows[$trouble] ?? null;
        $biology = $this->biology->of($trouble);
        if ($row === null || $biology === null) {
            return null;
        }
        $egg = (($biology->firstHatch ?? 0.0) + ($biology->lastHatch ?? 0.0)) / 2.0;
        $resting = $row['resting'] ?? 0.0;
        $spans = [];
        foreach ([Stage::Egg->value => $egg, Stage::Young->value => $biology->adult - $egg - $resting, Stage::Resting->value => $resting] as $stage => $degreeDays) {
            if ($degreeDays > 0.0) {
                $spans[$stage] = new Span($degreeDays, PopulationLines::STEPS['value'][$stage], $row['survive'][$stage] ?? 1.0);
            }
        }
        $spans[Stage::Adult->value] = new Span($row['adult'], PopulationLines::STEPS['value'][Stage::Adult->value], 1.0);

        return new Life($biology, $spans, $row['lays'], $row['before'], array_map(Stage::from(...), $row['seen']), $row['source']);
    }
}
