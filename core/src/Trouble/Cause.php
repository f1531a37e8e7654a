<?php

declare(strict_types=1);

namespace IdleMixer\Core\Trouble;

/** What signs may come from: one trouble, or several at once. */
interface Cause
{
    /** Slugs, joined: the same for the same cause. */
    public function key(): string;

    public function name(): string;

    /** Weight against the others before anything was seen, above 0. */
    public function weight(): float;

    /** Share, 0 to 1, of plants with this that show the sign. */
    public function shareOf(Sign $sign): float;

    /** @return non-empty-list<Trouble> */
    public function troubles(): array;
}
