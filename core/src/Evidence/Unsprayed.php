<?php

declare(strict_types=1);

namespace IdleMixer\Core\Evidence;

/** What a pest does by itself. */
final readonly class Unsprayed
{
    private const DAYS = 7.0;

    /** Counts that lie closer than a day say nothing of a week. */
    private const DAY = 1.0;

    /**
     * @param float $least share that may be left after a week, above 0
     * @param float $most  share that it may have grown to after a week, above 0
     */
    public function __construct(private float $least, private float $most) {}

    /** @return array{float, float} shares that may be left after so many days, the least and the most */
    public function after(float $days): array
    {
        return [$this->least ** ($days / self::DAYS), $this->most ** ($days / self::DAYS)];
    }

    /**
     * The same where plants left alone were counted: what one of them lost, another may, too.
     *
     * @param list<RoundEffect> $effects
     */
    public function seenIn(array $effects): self
    {
        $least = $this->least;
        $most = $this->most;
        foreach ($effects as $effect) {
            if ($effect->alone !== null && $effect->days > 0.0) {
                $week = exp($effect->alone * self::DAYS / max($effect->days, self::DAY));
                $least = min($least, $week);
                $most = max($most, $week);
            }
        }

        return new self($least, $most);
    }
}
