<?php

declare(strict_types=1);

namespace IdleMixer\Core\Evidence;

/** What a round, or a programme that is judged as one, did: as much of it as records need. */
final readonly class RoundEffect
{
    /**
     * @param string     $case      the same word for rounds of one case
     * @param float|null $reduction percent down, below 0 where it grew; null where nothing can be said
     * @param Kept|null  $kept      null where nothing can be said
     * @param float      $days      between the two counts that are compared
     * @param float|null $alone     natural logarithm of the share that was left on the plant left alone, in that time; null where
     *                              nothing was counted on it
     * @param int        $rounds    1 or more
     * @param bool       $handWork  pruned, wiped or hosed the same day
     * @param bool       $unproven  it went without proof on leaves
     * @param bool       $burnt     leaves burnt after it
     */
    public function __construct(
        public string $case,
        public Outcome $outcome,
        public ?Formula $formula,
        public ?float $reduction,
        public ?Kept $kept,
        public float $days,
        public ?float $alone = null,
        public int $rounds = 1,
        public bool $handWork = false,
        public bool $unproven = false,
        public bool $burnt = false,
    ) {}

    public static function of(string $case, Trial $trial, bool $handWork = false, bool $unproven = false, bool $burnt = false): self
    {
        $judged = $trial->outcome()->isJudged();

        return new self($case, $trial->outcome(), $judged ? $trial->formula() : null, $judged ? $trial->reduction() : null, $judged ? $trial->kept() : null, $trial->days(), $trial->alone(), $trial->rounds, $handWork, $unproven, $burnt);
    }

    public function isJudged(): bool
    {
        return $this->outcome->isJudged();
    }

    /** Whether it is judged against a plant left alone. */
    public function isCompared(): bool
    {
        return $this->isJudged() && ($this->formula === Formula::Abbott || $this->formula === Formula::HendersonTilton);
    }

    /** Whether the spray may be thanked for it: it came alone, or a plant left alone shows what it did. */
    public function isOwn(): bool
    {
        return $this->isJudged() && (! $this->handWork || $this->isCompared());
    }

    /** Whether it is more than the pest may do by itself in that time: it took at least a line's share of what would be left. */
    public function isClear(Unsprayed $unsprayed, float $line): bool
    {
        if ($this->isCompared()) {
            return true;
        }
        [$least] = $unsprayed->after($this->days);

        return $this->kept !== null && 100.0 * (1.0 - exp($this->kept->log) / $least) >= $line;
    }
}
