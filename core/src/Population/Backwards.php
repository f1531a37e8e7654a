<?php

declare(strict_types=1);

namespace IdleMixer\Core\Population;

/**
 * What one animal of today leaves in the end at the least, by its step: where nothing is sprayed any more, and where so many rounds are left
 * to be chosen. Each animal may choose rounds of its own there, so that no real programme leaves less: what is over by this measure only may
 * be over, and what is not cannot be.
 */
final class Backwards
{
    /** Smaller shares of one animal than this are none. */
    private const NONE = 1e-15;

    /** @var array<int, list<array<int, float>>> by day, what one at each step becomes until its evening, by step */
    private array $passages = [];

    /** @var array<int, array<int, list<float>>> by rounds left and day */
    private array $least = [];

    /** @param list<float> $spares share that lives of each step in a round */
    public function __construct(private readonly Outbreak $outbreak, private readonly Guess $guess, private readonly Chain $chain, private readonly Wanted $wanted, private readonly array $spares)
    {
        $known = [];
        for ($day = $wanted->until; $day > $wanted->from; --$day) {
            $key = (string) $outbreak->degreeDays($guess, $day);
            $this->passages[$day] = $known[$key] ??= $this->passage($day);
        }
    }

    /**
     * What they leave at the least.
     *
     * @param list<float> $numbers by step, on the evening of the day, before anything is sprayed
     */
    public function left(array $numbers, int $day, int $rounds): float
    {
        $sum = 0.0;
        foreach ($this->least($day, $rounds) as $step => $each) {
            $sum += $each * $numbers[$step];
        }

        return $sum;
    }

    /**
     * The same numbers a day later.
     *
     * @param list<float> $numbers
     *
     * @return list<float>
     */
    public function onwards(array $numbers, int $day): array
    {
        return self::passed($numbers, $this->passages[$day]);
    }

    /**
     * The same numbers on the next day on which may be sprayed after a round.
     *
     * @param list<float> $numbers
     *
     * @return list<float>
     */
    public function afterGap(array $numbers, int $day): array
    {
        for ($on = $day + 1; $on <= $day + $this->wanted->gap; ++$on) {
            $numbers = self::passed($numbers, $this->passages[$on]);
        }

        return $numbers;
    }

    /**
     * @param list<float>             $numbers
     * @param list<array<int, float>> $passage
     *
     * @return list<float>
     */
    private static function passed(array $numbers, array $passage): array
    {
        $after = array_fill(0, count($numbers), 0.0);
        foreach ($passage as $step => $becomes) {
            $number = $numbers[$step];
            foreach ($becomes as $other => $share) {
                $after[$other] += $share * $number;
            }
        }

        return array_values($after);
    }

    /** @return list<float> by step */
    private function least(int $day, int $rounds): array
    {
        return $this->least[$rounds][$day] ??= $this->reckoned($day, $rounds);
    }

    /** @return list<float> */
    private function reckoned(int $day, int $rounds): array
    {
        $waits = $day >= $this->wanted->until ? array_fill(0, count($this->spares), 1.0) : $this->back($this->least($day + 1, $rounds), $day + 1);
        if ($rounds === 0 || ! $this->wanted->allows($day)) {
            return $waits;
        }
        $next = min($this->wanted->until, $day + $this->wanted->gap);
        $after = $day + $this->wanted->gap > $this->wanted->until ? $this->least($this->wanted->until, 0) : $this->least($next, $rounds - 1);
        for ($on = $next; $on > $day; --$on) {
            $after = $this->back($after, $on);
        }

        return array_map(static fn(float $wait, float $each, float $spared): float => min($wait, $spared * $each), $waits, $after, $this->spares);
    }

    /**
     * What is worth so much in the evening, on the evening before.
     *
     * @param list<float> $worth by step
     *
     * @return list<float>
     */
    private function back(array $worth, int $day): array
    {
        $before = [];
        foreach ($this->passages[$day] as $becomes) {
            $sum = 0.0;
            foreach ($becomes as $other => $share) {
                $sum += $share * $worth[$other];
            }
            $before[] = $sum;
        }

        return $before;
    }

    /** @return list<array<int, float>> */
    private function passage(int $day): array
    {
        $all = [];
        $size = count($this->spares);
        for ($step = 0; $step < $size; ++$step) {
            $one = array_map(static fn(int $at): float => $at === $step ? 1.0 : 0.0, range(0, $size + 1));
            $all[] = array_filter(array_slice($this->outbreak->next($this->chain, $this->guess, $one, $day), 0, $size), static fn(float $share): bool => $share > self::NONE);
        }

        return $all;
    }
}
