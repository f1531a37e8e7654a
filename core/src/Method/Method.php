<?php

declare(strict_types=1);

namespace IdleMixer\Core\Method;

/** A spray as its school does it: hand work, how it is put on, what follows, and how often. Common practice where its source says no more. */
final readonly class Method
{
    /**
     * @param list<Chore>           $before     in the order of the work
     * @param list<Chore>           $after      in the order of the work
     * @param array<string, Rhythm> $everyDays  by pressure, each of them
     * @param list<string>          $inTurnWith slugs of recipes
     * @param list<string>          $against    slugs of troubles, the one that it is made for first
     */
    public function __construct(
        public Onto $surface,
        public Agitation $agitation,
        public Vessel $vessel,
        public array $before,
        public Wetness $wet,
        /** Minutes at least that it stays on before it is brushed or rinsed; null where it stays. */
        public ?int $soakMinutes,
        public bool $brush,
        /** Minutes at least after the brush; null where there is no second soak. */
        public ?int $secondSoakMinutes,
        public Rinse $rinse,
        public array $after,
        private array $everyDays,
        /** Rounds one after the other at most; null where there is no limit. */
        public ?int $inARow,
        public array $inTurnWith,
        public array $against,
        /** Hours to the first look and to the fair one; null where what is in it decides. */
        public ?float $firstLookHours = null,
        public ?float $judgeHours = null,
        /** Days that a round goes on working. */
        public int $lastsDays = 0,
        /** Key of the source. */
        public string $source = 'practice',
        /** Days apart from which one round more in a row is borne; null where they make no difference. */
        private ?int $wideDays = null,
        /** Rounds after which it goes on every so many days; null where it does not slow down. */
        public ?int $thenAfter = null,
        public ?int $thenDays = null,
        /** The pressure from which on it is rinsed off the next day, where it is not always; null elsewhere. */
        private ?Pressure $rinseFrom = null,
    ) {}

    /**
     * Rounds one after the other at most, so many days apart; null where there is no limit.
     *
     * @param int|null $days between rounds; null where it is done once
     */
    public function inARowAt(?int $days): ?int
    {
        return $this->inARow !== null && $this->wideDays !== null && $days >= $this->wideDays ? $this->inARow + 1 : $this->inARow;
    }


    public function every(Pressure $pressure): Rhythm
    {
        return $this->everyDays[$pressure->value];
    }

    /** Days between rounds where nobody said how bad it is, the longest that it is used at; null where it is done once. */
    public function usualDays(): ?int
    {
        return $this->every(Pressure::Light)->days ?? $this->every(Pressure::Moderate)->days;
    }

    /** Days between rounds when it is as bad as can be; null where it is done once. */
    public function tightestDays(): ?float
    {
        $days = array_filter(array_map(fn(Pressure $at): ?int => $this->every($at)->days, [Pressure::Light, Pressure::Moderate, Pressure::Heavy]), is_int(...));

        return $days === [] ? null : (float) min($days);
    }

    /** Whether a round is rinsed off within a day when it is so bad. */
    public function isRinsedAt(Pressure $pressure): bool
    {
        return $this->isRinsedNextDay() || $pressure === $this->rinseFrom;
    }

    /** Whether what it did is seen when the buds break, and not before. */
    public function showsAtBudBreak(): bool
    {
        return $this->surface === Onto::BareWood;
    }

    /** Whether a round is rinsed off within a day, however bad it is. */
    public function isRinsedNextDay(): bool
    {
        return $this->rinse === Rinse::NextDay;
    }

    /** The same, proposed for a recipe of one's own: what that is against nobody knows, and no school has it in turn. */
    public function proposed(): self
    {
        return new self($this->surface, $this->agitation, $this->vessel, $this->before, $this->wet, $this->soakMinutes, $this->brush, $this->secondSoakMinutes, $this->rinse, $this->after, $this->everyDays, $this->inARow, [], [], $this->firstLookHours, $this->judgeHours, $this->lastsDays, $this->source, $this->wideDays, $this->thenAfter, $this->thenDays, $this->rinseFrom);
    }

}
