<?php

declare(strict_types=1);

namespace IdleMixer\Core\Population;

/** How warm it is from day to day. */
final readonly class Warmths
{
    /** @param non-empty-array<int, float> $means °C, mean of day and night, by days after the first count, earliest first */
    private function __construct(private array $means) {}

    public static function steady(float $celsius): self
    {
        return new self([0 => $celsius]);
    }

    /** @param non-empty-array<int, float> $means °C by days after the first count; a day that is not told is like the last that is */
    public static function told(array $means): self
    {
        ksort($means);

        return new self($means);
    }

    /** °C. */
    public function on(int $day): float
    {
        $found = null;
        foreach ($this->means as $from => $mean) {
            if ($found !== null && $from > $day) {
                break;
            }
            $found = $mean;
        }

        return $found;
    }

    /** °C, the mean of so many days up to this one. */
    public function over(int $days, int $until): float
    {
        return array_sum(array_map($this->on(...), range($until - $days + 1, $until))) / $days;
    }
}
