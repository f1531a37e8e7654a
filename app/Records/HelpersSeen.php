<?php

declare(strict_types=1);

namespace App\Records;

use App\Models\PestCase;
use DateTimeImmutable;
use DateTimeInterface;
use IdleMixer\Core\Data\ChoiceLines;
use IdleMixer\Core\Trouble\Enemies;

/** Which natural enemies are on a plant now: as it was said last, with the case, when a spray was chosen, with a wait or with a count. */
final readonly class HelpersSeen
{
    public function __construct(private Enemies $enemies) {}

    /** @return array<string, int|null> how many, by slug; null where nobody counted them. None where what was said last is too long ago to hold */
    public function on(PestCase $case, DateTimeImmutable $now): array
    {
        [$at, $seen] = self::last($case);

        return $at !== null && $at >= $now->modify('-' . ChoiceLines::SEEN_HOLDS['value'] . ' days') ? array_intersect_key($seen, array_flip($this->enemies->slugs())) : [];
    }

    /**
     * Since when that holds: what is said again as it stood is no newer for it.
     *
     * @param array<string, int|null> $said
     */
    public function since(PestCase $case, array $said, DateTimeImmutable $now): DateTimeInterface
    {
        return $said !== [] && $said === $this->on($case, $now) ? (self::last($case)[0] ?? $now) : $now;
    }

    /** @return array{DateTimeInterface|null, array<string, int|null>} when somebody said last what is there, and what */
    private static function last(PestCase $case): array
    {
        $last = [null, []];
        foreach (self::said($case) as [$at, $seen]) {
            if ($at !== null && ($last[0] === null || $at >= $last[0])) {
                $last = [$at, $seen];
            }
        }

        return $last;
    }

    /** @return iterable<array{DateTimeInterface|null, array<string, int|null>}> */
    private static function said(PestCase $case): iterable
    {
        $own = new Remembered($case->situation);
        if ($own->has('seen')) {
            yield [$own->instant('seenAt') ?? $case->updated_at, $own->numbers('seen')];
        }
        foreach ($case->loadMissing('openWaits')->openWaits as $wait) {
            if ($wait->seen !== null) {
                yield [$wait->begun_at, Remembered::seen($wait->seen)];
            }
        }
        foreach ($case->loadMissing('counts')->counts as $count) {
            $there = $count->untreated ? null : Looks::helpers($count);
            if ($there !== null) {
                yield [$count->counted_at, $there];
            }
        }
    }
}
