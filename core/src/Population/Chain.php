<?php

declare(strict_types=1);

namespace IdleMixer\Core\Population;

/**
 * How many there are at each step of each stage, and how they go on: they pass from step to step, some die, adults lay. Solved by the
 * classical rule of Runge and Kutta of fourth order, in pieces so short that even the fastest step is not passed in one. What changes is in
 * proportion to what is there, so that the rule is the series of the exponential up to its fourth term: each is the change of the one before.
 *
 * Numbers are lists by step, with what was laid and what died so far behind them: what is there, what died and what was laid balance.
 */
final readonly class Chain
{
    /** Passages of the fastest step in one piece: of more than one, the rule would leave fewer than none three steps on. */
    private const PIECE = 0.9;

    private const ORDER = 4;

    /** @var list<float> passages for each degree-day, by step */
    private array $pace;

    /** @var list<float> deaths for each degree-day, by step */
    private array $dying;

    /** @var array<int, float> eggs for each degree-day, by step, where any are laid */
    private array $laying;

    /** Passages of the fastest step for each degree-day. */
    private float $fastest;

    /** @var list<Stage> by step */
    public array $stages;

    /** @var list<float> 1 for each step */
    private array $whole;

    /** @var array<string, array<int, true>> which steps are of a stage */
    private array $steps;

    /** @var list<int> steps that are counted */
    private array $seen;

    /** @param float $births how many times as many are laid as handbooks have it */
    public function __construct(private Life $life, private float $births = 1.0)
    {
        [$pace, $dying, $laying, $stages, $steps] = [[], [], [], [], []];
        foreach ($life->spans as $slug => $span) {
            $stage = Stage::from($slug);
            for ($step = 0; $step < $span->steps; ++$step) {
                $pace[] = $span->pace();
                $dying[] = $span->dying();
                $laying[] = $stage === Stage::Adult && $step >= $life->before ? $births * $life->laying() : 0.0;
                $steps[$slug][count($stages)] = true;
                $stages[] = $stage;
            }
        }
        [$this->pace, $this->dying, $this->stages, $this->whole] = [$pace, $dying, $stages, array_fill(0, count($stages), 1.0)];
        $this->laying = array_filter($laying, static fn(float $eggs): bool => $eggs > 0.0);
        $this->fastest = max([0.0, ...$pace]);
        $this->steps = $steps;
        $this->seen = array_keys(array_filter($stages, static fn(Stage $stage): bool => in_array($stage, $life->seen, true)));
    }

    /**
     * All ages, as they are there together in an infestation that has gone on by itself for long.
     *
     * @param float $seen how many of the stages that are counted
     *
     * @return list<float>
     */
    public function settled(float $seen): array
    {
        $rate = (new Growth($this->life, $this->births))->rate();
        $numbers = [];
        $in = 1.0;
        foreach ($this->pace as $i => $pace) {
            $numbers[] = $in / ($pace + $this->dying[$i] + $rate);
            $in = $pace * $numbers[$i];
        }
        $times = $seen / $this->seen([...$numbers, 0.0, 0.0]);

        return [...array_map(static fn(float $number): float => $times * $number, $numbers), 0.0, 0.0];
    }

    /**
     * The same after so many degree-days.
     *
     * @param list<float>          $numbers
     * @param array<string, float> $enter   share of 1 that lives of what comes newly into a stage, by stage; all of it where none is named
     *
     * @return list<float>
     */
    public function after(float $degreeDays, array $numbers, array $enter = []): array
    {
        $pieces = max(1, (int) ceil($degreeDays * $this->fastest / self::PIECE));
        $piece = $degreeDays / $pieces;
        $live = $this->living($enter);
        [$pace, $dying, $laying] = [$this->pace, $this->dying, $this->laying];
        $laidAt = count($pace);
        $diedAt = $laidAt + 1;
        // All of it in one loop: a forecast passes here some hundred thousand times.
        for ($i = 0; $i < $pieces; ++$i) {
            $term = $numbers;
            for ($order = 1; $order <= self::ORDER; ++$order) {
                $share = $piece / $order;
                $in = 0.0;
                foreach ($laying as $k => $eggs) {
                    $in += $eggs * $term[$k];
                }
                $laid = $in;
                $died = 0.0;
                foreach ($pace as $k => $passing) {
                    $number = $term[$k];
                    $passed = $passing * $number;
                    $dead = $dying[$k] * $number;
                    $alive = $in * $live[$k];
                    $died += $dead + $in - $alive;
                    $term[$k] = $change = $share * ($alive - $passed - $dead);
                    $numbers[$k] += $change;
                    $in = $passed;
                }
                $term[$laidAt] = $share * $laid;
                $numbers[$laidAt] += $term[$laidAt];
                $term[$diedAt] = $share * ($died + $in);
                $numbers[$diedAt] += $term[$diedAt];
            }
        }

        return array_values($numbers);
    }

    /**
     * @param array<string, float> $enter
     *
     * @return list<float> share of what comes to a step that lives to be there
     */
    private function living(array $enter): array
    {
        $live = $this->whole;
        foreach ($enter as $stage => $share) {
            $begins = array_key_first($this->steps[$stage] ?? []);
            if ($begins !== null) {
                $live[$begins] = $share;
            }
        }

        return array_values($live);
    }

    /**
     * The same after a round.
     *
     * @param list<float> $numbers
     * @param float       $times   how many times as well as it is told it works
     *
     * @return list<float>
     */
    public function killed(array $numbers, Kill $kill, float $times = 1.0): array
    {
        $left = [];
        $died = 0.0;
        foreach ($this->stages as $i => $stage) {
            $left[] = $numbers[$i] * $kill->spares($stage, $times);
            $died += $numbers[$i] - $left[$i];
        }
        [$laid, $before] = array_slice($numbers, count($left));

        return [...$left, $laid, $before + $died];
    }

    /** @param list<float> $numbers */
    public function of(Stage $stage, array $numbers): float
    {
        return array_sum(array_intersect_key($numbers, $this->steps[$stage->value] ?? []));
    }

    /** @param list<float> $numbers */
    public function seen(array $numbers): float
    {
        $sum = 0.0;
        foreach ($this->seen as $i) {
            $sum += $numbers[$i];
        }

        return $sum;
    }

    /** @param list<float> $numbers */
    public function all(array $numbers): float
    {
        return array_sum(array_slice($numbers, 0, count($this->stages)));
    }
}
