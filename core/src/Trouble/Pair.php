<?php

declare(strict_types=1);

namespace IdleMixer\Core\Trouble;

use IdleMixer\Core\Data\TroubleLines;
use IdleMixer\Core\Words\Say;

/** Two troubles at once: a sign is there when either brings it, each by itself (noisy or). */
final readonly class Pair implements Cause
{
    /** @param float $all weight of all troubles together */
    public function __construct(private Trouble $one, private Trouble $other, private float $all) {}

    public function key(): string
    {
        return "{$this->one->slug}+{$this->other->slug}";
    }

    public function name(): string
    {
        return Say::it('trouble/pair.and', ['name' => $this->one->name, 'name-2' => lcfirst($this->other->name)]);
    }

    public function weight(): float
    {
        return TroubleLines::TOGETHER['value'] * $this->one->weight() * $this->other->weight() / $this->all;
    }

    public function shareOf(Sign $sign): float
    {
        $neither = (1.0 - $this->one->shareOf($sign)) * (1.0 - $this->other->shareOf($sign)) / (1.0 - $sign->usual);

        // What one of them never shows, the other may: the rarer of the two does not take it away.
        return max($this->one->shareOf($sign), $this->other->shareOf($sign), 1.0 - $neither);
    }

    /** @return non-empty-list<Trouble> */
    public function troubles(): array
    {
        return [$this->one, $this->other];
    }
}
