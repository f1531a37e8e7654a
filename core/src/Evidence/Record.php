<?php

declare(strict_types=1);

namespace IdleMixer\Core\Evidence;

use IdleMixer\Core\Data\EvidenceLines;

/** What one recipe did to one pest, over all its rounds. */
final readonly class Record
{
    /**
     * @param list<Trial> $trials
     * @param int         $withHandWork rounds where something else was done the same day
     * @param int         $leafTests    leaf tests that were read to the end
     * @param int         $burned       of these, how many left marks
     */
    public function __construct(
        public array $trials,
        public int $withHandWork,
        public int $leafTests,
        public int $burned,
    ) {}

    /** @return list<Trial> */
    public function judged(): array
    {
        return array_values(array_filter($this->trials, static fn(Trial $trial): bool => $trial->outcome()->isJudged()));
    }

    public function worked(): int
    {
        return count(array_filter($this->trials, static fn(Trial $trial): bool => $trial->outcome() === Outcome::Worked));
    }

    /** The shares of rounds that would work, as far as these tell; null with none judged. */
    public function interval(): ?Interval
    {
        $judged = count($this->judged());

        return $judged > 0 ? Interval::wilson($this->worked(), $judged) : null;
    }

    /** The middle percent down of the judged rounds; null with none judged. */
    public function medianReduction(): ?float
    {
        $all = array_map(static fn(Trial $trial): float => $trial->reduction() ?? 0.0, $this->judged());
        sort($all);
        $count = count($all);
        if ($count === 0) {
            return null;
        }
        $middle = intdiv($count, 2);

        return $count % 2 === 1 ? $all[$middle] : ($all[$middle - 1] + $all[$middle]) / 2;
    }

    public function verdict(): RecordVerdict
    {
        $judged = count($this->judged());
        $median = $this->medianReduction() ?? 0.0;
        $alone = $judged - min($judged, $this->withHandWork) + $this->compared();

        return match (true) {
            $judged < EvidenceLines::FEW_ROUNDS['value'] => RecordVerdict::NotEnough,
            $median < EvidenceLines::HELPED_FROM['value'] => RecordVerdict::Drop,
            // What was brushed and pruned each time cannot thank the spray.
            $this->worked() >= EvidenceLines::KEEP_FROM['value'] * $judged && $alone > 0 => RecordVerdict::Keep,
            default => RecordVerdict::Tune,
        };
    }

    public function compared(): int
    {
        return count(array_filter($this->judged(), static fn(Trial $trial): bool => $trial->isCompared()));
    }
}
