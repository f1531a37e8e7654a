<?php

declare(strict_types=1);

namespace IdleMixer\Core\Population;

/**
 * What multiplies on a plant, from day to day. A day is what grows until its evening; in the evening it is counted, and then sprayed.
 *
 * It begins with all ages together, as they are in an infestation that went on by itself for long.
 */
final readonly class Outbreak
{
    /** @var array<int, list<Treatment>> by their day */
    private array $rounds;

    /** The day on which it begins: that of the first count, or of a round before it. */
    private int $begin;

    /** @param list<Treatment> $treatments */
    public function __construct(public Life $life, public Warmths $warmths, public array $treatments = [])
    {
        $rounds = [];
        foreach ($treatments as $treatment) {
            $rounds[$treatment->day][] = $treatment;
        }
        $this->rounds = $rounds;
        $this->begin = min([0, ...array_keys($rounds)]);
    }

    /** @param list<Treatment> $treatments in place of those that there are */
    public function with(array $treatments): self
    {
        return new self($this->life, $this->warmths, $treatments);
    }

    /** With the rounds up to a day, and none after it. */
    public function until(int $day): self
    {
        return $this->with(array_values(array_filter($this->treatments, static fn(Treatment $treatment): bool => $treatment->day <= $day)));
    }

    /** @return list<Evening> from the day of the first count on */
    public function go(Guess $guess, int $until): array
    {
        $chain = new Chain($this->life, exp($guess->births));
        $numbers = $chain->settled(exp($guess->start));
        $first = $this->evening($chain, $guess, $numbers, $this->begin);

        return array_slice([$first, ...$this->onwards($guess, $first, $this->begin, $until)], -$this->begin);
    }

    /**
     * The same by several guesses. Who guesses otherwise of kills alone goes the same way up to the first round.
     *
     * @param non-empty-list<Guess> $guesses
     *
     * @return non-empty-list<list<Evening>> from the day of the first count on, by guess
     */
    public function goEach(array $guesses, int $until): array
    {
        $runs = [];
        $first = min([$until + 1, ...array_keys($this->rounds)]);
        foreach ($guesses as $guess) {
            $runs[] = $runs === [] || $first < 1 || ! $guess->differsInKillsAlone($guesses[0])
                ? $this->go($guess, $until)
                : [...array_slice($runs[0], 0, $first), ...$this->onwards($guess, $runs[0][$first - 1], $first - 1, $until)];
        }

        return $runs;
    }

    /**
     * The days after an evening, which is known.
     *
     * @param int $day of that evening, after the first count
     *
     * @return list<Evening>
     */
    public function onwards(Guess $guess, Evening $evening, int $day, int $until): array
    {
        $evenings = [];
        while (++$day <= $until) {
            $evenings[] = $evening = $this->evening($evening->chain, $guess, $this->next($evening->chain, $guess, $evening->numbers, $day), $day);
        }

        return $evenings;
    }

    /** @param list<float> $numbers before anything is sprayed */
    private function evening(Chain $chain, Guess $guess, array $numbers, int $day): Evening
    {
        $counted = $chain->seen($numbers);
        foreach ($this->rounds[$day] ?? [] as $round) {
            $numbers = $chain->killed($numbers, $round->kill, exp($guess->kill));
        }

        return new Evening($chain, $numbers, $counted);
    }

    /**
     * What is there on the evening of a day, before anything is sprayed.
     *
     * @param list<float> $numbers of the evening before
     *
     * @return list<float>
     */
    public function next(Chain $chain, Guess $guess, array $numbers, int $day): array
    {
        return $chain->after($this->degreeDays($guess, $day), $numbers, $this->enter($day, exp($guess->kill)));
    }

    public function degreeDays(Guess $guess, int $day): float
    {
        return $this->life->biology->warmth($this->warmths->on($day)) * exp($guess->speed);
    }

    /** @return array<string, float> share of 1 that lives of what comes newly into a stage on that day, by stage */
    private function enter(int $day, float $times): array
    {
        $enter = [];
        foreach ($this->treatments as $treatment) {
            foreach ($treatment->worksOn($day) ? Stage::cases() : [] as $stage) {
                $enter[$stage->value] = ($enter[$stage->value] ?? 1.0) * $treatment->kill->spares($stage, $times);
            }
        }

        return $enter;
    }
}
