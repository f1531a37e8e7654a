<?php

declare(strict_types=1);

namespace App\Records\Log;

use App\Records\ShelfAhead;
use DateTimeImmutable;
use IdleMixer\Core\Cupboard\ToBuy;

/**
 * What the rounds ahead take more of than is there, as the log tells it: for other programs to read, and reckoned anew by whoever takes
 * the log in.
 */
final readonly class ToTakeAlong
{
    public function __construct(private ShelfAhead $ahead) {}

    /** @return list<string> as JSON */
    public function entries(DateTimeImmutable $now): array
    {
        return array_map(static fn(ToBuy $one): string => json_encode([
            'ingredient' => $one->slug,
            'takesMl' => $one->takes,
            'shortMl' => $one->short,
            'from' => $one->from?->format('Y-m-d'),
        ], \JSON_THROW_ON_ERROR | \JSON_PRESERVE_ZERO_FRACTION), $this->ahead->list($now));
    }
}
