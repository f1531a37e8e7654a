<?php

declare(strict_types=1);

namespace IdleMixer\Core\Trouble;

use IdleMixer\Core\Data\TroubleLines;
use IdleMixer\Core\Words\Say;

/** Several troubles at once: a sign is there when any of them brings it, each by itself (noisy or). */
final readonly class Together implements Cause
{
    /**
     * @param non-empty-list<Trouble> $troubles two or more, in the order of the alphabet
     * @param float                   $all      weight of all troubles together
     */
    public function __construct(private array $troubles, private float $all) {}

    public function key(): string
    {
        return implode('+', array_map(static fn(Trouble $trouble): string => $trouble->slug, $this->troubles));
    }

    public function name(): string
    {
        $names = array_map(static fn(Trouble $trouble): string => $trouble->name, $this->troubles);
        $last = array_pop($names);

        return Say::it('trouble/together.and', ['name' => ucfirst(implode(', ', array_map(lcfirst(...), $names))), 'name-2' => lcfirst($last)]);
    }

    public function weight(): float
    {
        $weight = $this->all;
        foreach ($this->troubles as $trouble) {
            $weight *= $trouble->weight() / $this->all;
        }

        return $weight * TroubleLines::TOGETHER['value'] ** (count($this->troubles) - 1);
    }

    public function shareOf(Sign $sign): float
    {
        $none = 1.0 - $sign->usual;
        $most = 0.0;
        foreach ($this->troubles as $trouble) {
            $share = $trouble->shareOf($sign);
            $none *= (1.0 - $share) / (1.0 - $sign->usual);
            $most = max($most, $share);
        }

        // What one of them never shows, another may: the rarer does not take it away.
        return max($most, 1.0 - $none);
    }

    /** @return non-empty-list<Trouble> */
    public function troubles(): array
    {
        return $this->troubles;
    }
}
