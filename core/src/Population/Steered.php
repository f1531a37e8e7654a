<?php

declare(strict_types=1);

namespace IdleMixer\Core\Population;

use IdleMixer\Core\Data\EvidenceLines;
use IdleMixer\Core\Data\PopulationLines;

/**
 * An outbreak whose start, growth and losses were found from what was counted, day by day: as it is thought to go, and as it would go if
 * speed, births or kills were a little other. How these part is how much hangs on what is not known.
 *
 * Rounds may be put to it: what lies before the first of them stays as it is, and is not reckoned again.
 */
final readonly class Steered
{
    /**
     * @param list<Guess>         $guesses as it is thought, and each moved a little
     * @param list<list<Evening>> $runs    by guess, from the day of the first count on
     */
    private function __construct(public Outbreak $outbreak, public Fitted $fitted, private Fitting $fitting, private array $guesses, private array $runs) {}

    /** @param int $until the last day, from the day of the first count on; 0 and more */
    public static function by(Fitting $fitting, Fitted $fitted, Outbreak $outbreak, int $until): self
    {
        $guesses = Fitting::nudged($fitted->guess);

        return new self($outbreak, $fitted, $fitting, $guesses, $outbreak->goEach($guesses, $until));
    }

    /**
     * The same with more rounds.
     *
     * @param list<Treatment> $rounds on days from that of the first count on
     */
    public function sprayed(array $rounds): self
    {
        if ($rounds === []) {
            return $this;
        }
        $until = count($this->runs[0]) - 1;
        $outbreak = $this->outbreak->with([...$this->outbreak->treatments, ...$rounds]);
        $stays = min(array_map(static fn(Treatment $round): int => $round->day, $rounds));
        if ($stays < 1) {
            return self::by($this->fitting, $this->fitted, $outbreak, $until);
        }
        $runs = [];
        foreach ($this->runs as $which => $evenings) {
            $known = array_slice($evenings, 0, $stays);
            $runs[] = [...$known, ...$outbreak->onwards($this->guesses[$which], $evenings[$stays - 1], $stays - 1, $until)];
        }

        return new self($outbreak, $this->fitted, $this->fitting, $this->guesses, $runs);
    }

    /** @return list<AheadDay> from the day of the first count on */
    public function days(): array
    {
        $half = EvidenceLines::HALF['value'];
        $slopes = Fitting::slopes($this->runs, true);
        $told = [];
        foreach ($this->runs[0] as $day => $evening) {
            $seen = $evening->seen();
            // Where hardly one is left, a logarithm tells nothing more: half is added, as to counts.
            $share = $seen / ($seen + $half);
            $off = PopulationLines::BAND['value'] * sqrt($share ** 2 * $this->fitted->variance($slopes[$day]) + $this->fitting->scatter($seen));
            $told[] = new AheadDay(max(0.0, ($seen + $half) * exp(-$off) - $half), $seen, ($seen + $half) * exp($off) - $half, $evening->stages());
        }

        return $told;
    }

    public function forecast(): Forecast
    {
        return new Forecast($this->days(), $this->fitted, $this->outbreak, count($this->runs[0]) - 1);
    }
}
