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
            $this->countBefore === null && $formula !== Formula::Abbott => Outcome::NoCountBefore,
            $this->countAfter === null => Outcome::NoCountAfter,
            ! $this->isLookedAt() => Outcome::TooEarly,
            $this->countBefore !== null && $this->countBefore->value < self::FEWEST_BEFORE => Outcome::TooFew,
            $formula === Formula::HendersonTilton && $this->controlFell() => Outcome::ControlFell,
            default => $this->judged($this->reduction() ?? 0.0),
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
