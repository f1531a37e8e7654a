<?php

declare(strict_types=1);

namespace IdleMixer\Core\Evidence;

use DateTimeImmutable;
use IdleMixer\Core\Data\EvidenceLines;

/** One round, or a programme of rounds, with the counts around it. */
final readonly class Trial
{
    /** Percent down from which a round counts as having worked, or helped: our own lines. */
    public const WORKED_FROM = EvidenceLines::WORKED_FROM['value'];

    public const HELPED_FROM = EvidenceLines::HELPED_FROM['value'];

    /** Fewer than this many before, and chance decides: our own line. */
    public const FEWEST_BEFORE = EvidenceLines::FEWEST_BEFORE['value'];

    private const DAY = 86_400.0;

    /** Source of this: what lies beyond another round says nothing of this one. */
    private const IN_TURN = 'practice';

    /** @param array{value: float, unit: string, source: string}|null $beforeWithin h: a count before is no older than this; null where it is no older than the round before */
    public function __construct(
        public DateTimeImmutable $sprayedAt,
        /** The last of its rounds: its fair look decides. */
        private Sprayed $last,
        /** 1 for a round by itself. */
        public int $rounds,
        private ?Counted $countBefore,
        private ?Counted $countAfter,
        private ?Counted $untreatedBefore,
        private ?Counted $untreatedAfter,
        /** The most that was counted later, before the next round. */
        private float $laterMost,
        /** Whether it is only one of a programme. */
        private bool $isStep,
        public ?array $beforeWithin,
    ) {}

    public function before(): ?float
    {
        return $this->countBefore?->value;
    }

    public function after(): ?float
    {
        return $this->countAfter?->value;
    }

    /** The most that was counted after that, before the next round; 0 where nothing was. */
    public function later(): float
    {
        return $this->laterMost;
    }

    public function fairLookHours(): float
    {
        return $this->last->fairLookHours;
    }

    public function fairFrom(): DateTimeImmutable
    {
        return $this->last->fairFrom();
    }

    /** Whether it was counted when it was fair to. */
    public function isLookedAt(): bool
    {
        return $this->countAfter !== null && $this->countAfter->at >= $this->last->countFrom();
    }

    /** Whether it is judged against a plant left alone that says something. */
    public function isCompared(): bool
    {
        return $this->outcome()->isJudged() && in_array($this->formula(), [Formula::Abbott, Formula::HendersonTilton], true);
    }

    /** Null where nothing can be worked out. */
    public function formula(): ?Formula
    {
        if ($this->countAfter === null) {
            return null;
        }
        if ($this->countBefore === null) {
            return $this->untreatedAfter !== null && $this->untreatedAfter->value >= EvidenceLines::FEWEST_UNTREATED['value'] ? Formula::Abbott : null;
        }
        $began = $this->untreatedBefore !== null && $this->untreatedAfter !== null && $this->untreatedBefore->value >= EvidenceLines::FEWEST_UNTREATED['value'];

        return $began ? Formula::HendersonTilton : ($this->countBefore->value > 0.0 ? Formula::BeforeAfter : null);
    }

    /** What it left of the pest, for sums over rounds; null when it cannot be worked out. */
    public function kept(): ?Kept
    {
        $counts = $this->compared();

        return $counts === null ? null : Kept::of(...$counts);
    }

    /** Percent down that it may really have been; null when nothing can be worked out. */
    public function interval(Clumping $clumping): ?LeftInterval
    {
        $counts = $this->compared();

        return $counts === null ? null : LeftInterval::of(...[...$counts, $clumping]);
    }

    /** @return array{Counted|null, Counted, Counted|null, Counted|null}|null before, after, and the same of the plant left alone */
    private function compared(): ?array
    {
        return $this->countAfter === null || $this->reduction() === null ? null : match ($this->formula()) {
            null => null,
            Formula::Abbott => [null, $this->countAfter, null, $this->untreatedAfter],
            Formula::BeforeAfter => [$this->countBefore, $this->countAfter, null, null],
            Formula::HendersonTilton => [$this->countBefore, $this->countAfter, $this->untreatedBefore, $this->untreatedAfter],
        };
    }

    /** Days between the counts that are compared; 0 where there is but one. */
    public function days(): float
    {
        return $this->countBefore === null || $this->countAfter === null ? 0.0 : ($this->countAfter->at->getTimestamp() - $this->countBefore->at->getTimestamp()) / self::DAY;
    }

    /** Natural logarithm of what the plant left alone kept by itself; null where it has too few to say, or was not counted. */
    public function alone(): ?float
    {
        return $this->untreatedBefore === null || $this->untreatedAfter === null || $this->untreatedBefore->value < EvidenceLines::FEWEST_UNTREATED['value']
            ? null
            : Kept::of($this->untreatedBefore, $this->untreatedAfter, null, null)->log;
    }

    /** What was counted on the plant left alone, before and after; null where nothing was. */
    public function untreated(): ?Counted
    {
        return $this->untreatedAfter;
    }

    public function untreatedBefore(): ?Counted
    {
        return $this->untreatedBefore;
    }

    /** Percent down, against the plant left alone where that says something; null when it cannot be worked out. */
    public function reduction(): ?float
    {
        $after = $this->countAfter->value ?? 0.0;
        $before = $this->countBefore->value ?? 0.0;
        $left = $this->untreatedAfter->value ?? 0.0;

        return match ($this->formula()) {
            null => null,
            Formula::Abbott => Reduction::abbott($left, $after),
            Formula::BeforeAfter => Reduction::plain($before, $after),
            Formula::HendersonTilton => $before > 0.0 && ! $this->controlFell() ? Reduction::hendersonTilton($before, $after, $this->untreatedBefore->value ?? 0.0, $left) : null,
        };
    }

    public function outcome(): Outcome
    {
        $formula = $this->formula();

        return match (true) {
            $this->isStep => Outcome::Step,
            $this->countBefore === null && $formula !== Formula::Abbott && $this->countAfter !== null && $this->untreatedAfter !== null => Outcome::UntreatedTooFew,
            $this->countBefore === null && $formula !== Formula::Abbott => Outcome::NoCountBefore,
            $this->countAfter === null => Outcome::NoCountAfter,
            ! $this->isLookedAt() => Outcome::TooEarly,
            $this->countBefore !== null && $this->countBefore->value === 0.0 => Outcome::NoneBefore,
            $this->countBefore !== null && $this->countBefore->value < self::FEWEST_BEFORE => Outcome::TooFew,
            $formula === Formula::HendersonTilton && $this->controlFell() => Outcome::ControlFell,
            default => $this->judged($this->reduction() ?? 0.0),
        };
    }

    /** Source of the limit that decides what it did; null where none does, as where nothing was counted yet. */
    public function source(): ?string
    {
        return match ($this->outcome()) {
            Outcome::Worked => EvidenceLines::WORKED_FROM['source'],
            Outcome::Helped, Outcome::Failed => EvidenceLines::HELPED_FROM['source'],
            Outcome::CameBack => EvidenceLines::CAME_BACK['source'],
            Outcome::NoCountBefore => $this->beforeWithin['source'] ?? self::IN_TURN,
            Outcome::Step => self::IN_TURN,
            Outcome::TooFew => EvidenceLines::FEWEST_BEFORE['source'],
            Outcome::UntreatedTooFew => EvidenceLines::FEWEST_UNTREATED['source'],
            Outcome::ControlFell => EvidenceLines::UNTREATED_KEEPS['source'],
            Outcome::NoCountAfter, Outcome::TooEarly, Outcome::NoneBefore => null,
        };
    }

    private function judged(float $reduction): Outcome
    {
        return match (true) {
            $reduction >= self::HELPED_FROM && $this->countBefore !== null && $this->laterMost >= EvidenceLines::CAME_BACK['value'] * $this->countBefore->value => Outcome::CameBack,
            $reduction >= self::WORKED_FROM => Outcome::Worked,
            $reduction >= self::HELPED_FROM => Outcome::Helped,
            default => Outcome::Failed,
        };
    }

    private function controlFell(): bool
    {
        return $this->untreatedBefore !== null && $this->untreatedAfter !== null
            && $this->untreatedAfter->value < EvidenceLines::UNTREATED_KEEPS['value'] * $this->untreatedBefore->value;
    }
}
