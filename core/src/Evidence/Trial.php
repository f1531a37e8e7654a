<?php

declare(strict_types=1);

namespace IdleMixer\Core\Evidence;

use DateTimeImmutable;
use IdleMixer\Core\Data\EvidenceLines;

/** One round with the counts around it. */
final readonly class Trial
{
    /** Percent down from which a round counts as having worked, or helped: our own lines. */
    public const WORKED_FROM = EvidenceLines::WORKED_FROM['value'];

    public const HELPED_FROM = EvidenceLines::HELPED_FROM['value'];

    /** Fewer than this many before, and chance decides: our own line. */
    public const FEWEST_BEFORE = EvidenceLines::FEWEST_BEFORE['value'];

    public function __construct(
        public DateTimeImmutable $sprayedAt,
        public float $fairLookHours,
        public ?float $before,
        public ?float $after,
        public ?DateTimeImmutable $afterAt,
        public ?float $untreatedBefore = null,
        public ?float $untreatedAfter = null,
    ) {}

    public function fairFrom(): DateTimeImmutable
    {
        return $this->sprayedAt->modify('+' . (int) round($this->fairLookHours * 60) . ' minutes');
    }

    /** Whether an untreated plant was counted too, before and after. */
    public function isCompared(): bool
    {
        return ($this->untreatedBefore ?? 0.0) > 0.0 && ($this->untreatedAfter ?? 0.0) > 0.0;
    }

    /** Percent down, against the untreated plant where there is one; null when it cannot be worked out. */
    public function reduction(): ?float
    {
        if ($this->before === null || $this->after === null || $this->before <= 0.0) {
            return null;
        }

        return $this->isCompared()
            ? Reduction::hendersonTilton($this->before, $this->after, (float) $this->untreatedBefore, (float) $this->untreatedAfter)
            : Reduction::plain($this->before, $this->after);
    }

    public function outcome(): Outcome
    {
        $reduction = $this->reduction();

        return match (true) {
            $this->before === null => Outcome::NoCountBefore,
            $this->after === null || $this->afterAt === null => Outcome::NoCountAfter,
            $this->before < self::FEWEST_BEFORE || $reduction === null => Outcome::TooFew,
            $this->afterAt < $this->fairFrom() => Outcome::TooEarly,
            $reduction >= self::WORKED_FROM => Outcome::Worked,
            $reduction >= self::HELPED_FROM => Outcome::Helped,
            default => Outcome::Failed,
        };
    }
}
