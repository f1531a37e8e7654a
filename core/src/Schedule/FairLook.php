<?php

declare(strict_types=1);

namespace IdleMixer\Core\Schedule;

use IdleMixer\Core\Mix\Mixture;
use IdleMixer\Core\Source\SourceCatalogue;
use IdleMixer\Core\Source\Sourced;

/**
 * When it is fair to judge a spray: the slowest thing in it decides.
 *
 * Neem stops feeding over days, so day 1 says nothing; soap and oil act within hours (common practice).
 *
 * @phpstan-import-type SourcedRow from Sourced
 */
final readonly class FairLook
{
    /** @param array<string, SourcedRow> $rows */
    public function __construct(private array $rows, private SourceCatalogue $sources) {}

    public static function shipped(): self
    {
        /** @var array<string, SourcedRow> $rows */
        $rows = require __DIR__ . '/../../data/fair-look.php';

        return new self($rows, SourceCatalogue::shipped());
    }

    /** Hours after spraying. */
    public function of(Mixture $mixture): Sourced
    {
        $slowest = $this->hours('contact');
        foreach ($mixture->parts as $part) {
            $kind = $part->ingredient->substance->value;
            $hours = $this->hours(isset($this->rows[$kind]) ? $kind : 'contact');
            $slowest = $hours->value > $slowest->value ? $hours : $slowest;
        }

        return $slowest;
    }

    private function hours(string $code): Sourced
    {
        return Sourced::fromRow($this->rows[$code], $this->sources);
    }
}
