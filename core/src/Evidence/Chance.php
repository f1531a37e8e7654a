<?php

declare(strict_types=1);

namespace IdleMixer\Core\Evidence;

use Random\Engine\Mt19937;
use Random\Randomizer;

/** Draws from the distributions that counts in gardens follow, the same each time for a seed. */
final readonly class Chance
{
    /** The draws that make a share: 31 bits. */
    private const LAST = 2_147_483_646;

    /** A Poisson with a larger mean is put together of two halves. */
    private const LARGE_MEAN = 30.0;

    private Randomizer $draws;

    public function __construct(int $seed)
    {
        $this->draws = new Randomizer(new Mt19937($seed));
    }

    /**
     * @template T
     *
     * @param list<T> $all
     *
     * @return list<T> in an order by lot
     */
    public function mixed(array $all): array
    {
        return $this->draws->shuffleArray($all);
    }

    public function share(): float
    {
        return ($this->draws->getInt(0, self::LAST) + 0.5) / (self::LAST + 1.0);
    }

    public function whole(int $from, int $to): int
    {
        return $this->draws->getInt($from, $to);
    }

    /** By Box and Muller (1958). */
    public function normal(float $mean, float $deviation): float
    {
        return $mean + $deviation * sqrt(-2.0 * log($this->share())) * cos(2.0 * \M_PI * $this->share());
    }

    /** A negative binomial with this mean and this k: a Poisson of a gamma. */
    public function clumped(float $mean, float $k): int
    {
        return $mean <= 0.0 ? 0 : $this->poisson($mean * $this->gamma($k) / $k);
    }

    /** By Marsaglia and Tsang (2000). */
    private function gamma(float $shape): float
    {
        if ($shape < 1.0) {
            return $this->gamma($shape + 1.0) * $this->share() ** (1.0 / $shape);
        }
        $d = $shape - 1.0 / 3.0;
        $c = 1.0 / sqrt(9.0 * $d);
        while (true) {
            $x = $this->normal(0.0, 1.0);
            $v = (1.0 + $c * $x) ** 3;
            if ($v > 0.0 && log($this->share()) < 0.5 * $x ** 2 + $d - $d * $v + $d * log($v)) {
                return $d * $v;
            }
        }
    }

    /** By counting draws; a large mean is halved first. */
    private function poisson(float $mean): int
    {
        if ($mean > self::LARGE_MEAN) {
            return $this->poisson($mean / 2.0) + $this->poisson($mean / 2.0);
        }
        $limit = exp(-$mean);
        $count = -1;
        for ($product = 1.0; $product > $limit; ++$count) {
            $product *= $this->share();
        }

        return $count;
    }
}
