<?php

declare(strict_types=1);

namespace IdleMixer\Core\Population;

/** An outbreak, as it is expected to go on. */
final readonly class Forecast
{
    private const WEEK = 7;

    /** @param list<AheadDay> $days from the day of the first count on */
    public function __construct(public array $days, public Fitted $fitted, public Outbreak $outbreak, private int $last) {}

    /** Days in which numbers double as warm as it is at its end; null where they do not grow. */
    public function doublingDays(): ?float
    {
        $guess = $this->fitted->guess;
        $rate = (new Growth($this->outbreak->life, exp($guess->births)))->rate() * $this->outbreak->life->biology->warmth($this->celsius()) * exp($guess->speed);

        return $rate > 0.0 ? log(2.0) / $rate : null;
    }

    /** Days from egg to adult as warm as it is at its end; null where nothing develops. */
    public function generationDays(): ?float
    {
        $warmth = $this->outbreak->life->biology->warmth($this->celsius()) * exp($this->fitted->guess->speed);

        return $warmth > 0.0 ? $this->outbreak->life->biology->adult / $warmth : null;
    }

    /** The fewest rounds that end it, from its last count on. */
    public function search(Wanted $wanted): Programme
    {
        return (new Search($known = $this->outbreak->until($wanted->from), $this->fitted->guess, $wanted))->from($known->go($this->fitted->guess, $wanted->from)[$wanted->from]->numbers);
    }

    /** °C, the mean of its last week. */
    private function celsius(): float
    {
        return $this->outbreak->warmths->over(self::WEEK, $this->last);
    }
}
