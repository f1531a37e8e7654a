<?php

declare(strict_types=1);

namespace Tests\Feature;

/** How the leaves of a test look, as the screens send it. */
final class Leaves
{
    /** @return list<array{leaf: int, share: float}> percent of each leaf that is hurt, in order */
    public static function seen(float ...$shares): array
    {
        return array_map(static fn(float $share, int $n): array => ['leaf' => $n + 1, 'share' => $share], array_values($shares), array_keys(array_values($shares)));
    }
}
