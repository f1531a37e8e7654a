<?php

declare(strict_types=1);

namespace IdleMixer\Core\WayOut;

use IdleMixer\Core\Mix\Mixture;
use IdleMixer\Core\Work\AsMade;
use IdleMixer\Core\Work\Load;

/** What went into one load as far as anybody knows: for each thing from how much to how much, and the water. */
final readonly class Slips
{
    /**
     * @param array<string, array{float, float}> $items mL from and to, by key of the load's item; what is not listed went in as planned
     * @param float|null                      $water mL that really went in; null when it is topped up to the mark
     * @param list<string>                    $spent keys of what there is no more of
     */
    public function __construct(public array $items, public ?float $water = null, public array $spent = []) {}

    /**
     * Everything that may stand in the sprayer, at the ends of what is unsure: one mixture when nothing is.
     *
     * @return non-empty-list<Mixture>
     */
    public function ends(Load $load): array
    {
        $combinations = [[]];
        foreach ($load->items as $key => $item) {
            [$low, $high] = $this->items[$key] ?? [$item->millilitres(), $item->millilitres()];
            $next = [];
            foreach ($combinations as $combination) {
                $next[] = $combination + [$key => $low];
                if ($high !== $low) {
                    $next[] = $combination + [$key => $high];
                }
            }
            $combinations = $next;
        }

        return array_map(fn(array $scooped): Mixture => $this->mixed($load, $scooped), $combinations);
    }

    /**
     * The same, where everything else went in as it was ticked off.
     *
     * @param array<string, float> $ticked mL by key of the item
     */
    public function over(array $ticked): self
    {
        return new self($this->items + array_map(static fn(float $ml): array => [$ml, $ml], $ticked), $this->water, $this->spent);
    }

    /** The same where so much of the water is in; what was said of the water counts before it. */
    public function inWater(float $millilitres): self
    {
        return new self($this->items, $this->water ?? $millilitres, $this->spent);
    }

    /** @param array<string, float> $scooped mL by key of the item */
    private function mixed(Load $load, array $scooped): Mixture
    {
        $made = AsMade::of($load, $scooped);

        return $this->water === null ? $made : new Mixture($this->water, $made->parts, $made->pours);
    }
}
