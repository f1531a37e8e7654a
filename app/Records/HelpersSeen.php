<?php

declare(strict_types=1);

namespace App\Records;

use App\Models\PestCase;
use DateTimeImmutable;
use DateTimeInterface;
use IdleMixer\Core\Trouble\Enemies;
use IdleMixer\Core\Trouble\EnemiesSaid;

/** Which natural enemies are on a plant now: as it was said last, with the case, when a spray was chosen, with a wait or with a count. */
final readonly class HelpersSeen
{
    public function __construct(private Enemies $enemies) {}

    /** @return array<string, int|null> how many, by slug; null where nobody counted them. None where what was said last is too long ago to hold */
    public function on(PestCase $case, DateTimeImmutable $now): array
    {
        return array_intersect_key(EnemiesSaid::latest(self::said($case))?->holding($now) ?? [], array_flip($this->enemies->slugs()));
    }

    /**
     * Since when that holds: what is said again as it stood is no newer for it.
     *
     * @param array<string, int|null> $said
     */
    public function since(PestCase $case, array $said, DateTimeImmutable $now): DateTimeInterface
    {
        return $said === $this->on($case, $now) ? EnemiesSaid::latest(self::said($case))->at ?? $now : $now;
    }

    /** @return iterable<EnemiesSaid> */
    private static function said(PestCase $case): iterable
    {
        $own = new Remembered($case->situation);
        $at = $own->instant('seenAt') ?? $case->updated_at;
        if ($own->has('seen') && $at !== null) {
            yield new EnemiesSaid($at, $own->numbers('seen'));
        }
        foreach ($case->loadMissing('openWaits')->openWaits as $wait) {
            if ($wait->seen !== null) {
                yield new EnemiesSaid($wait->begun_at, Remembered::seen($wait->seen));
            }
        }
        foreach ($case->loadMissing('counts')->counts as $count) {
            $there = $count->untreated ? null : Looks::helpers($count);
            if ($there !== null) {
                yield new EnemiesSaid($count->counted_at, $there);
            }
        }
    }
}
