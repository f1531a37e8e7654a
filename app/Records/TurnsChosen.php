<?php

declare(strict_types=1);

namespace App\Records;

use App\Declared\Values\Slugs;
use App\Models\PestCase;
use App\Models\Round;
use IdleMixer\Core\Course\ChosenTurns;
use IdleMixer\Core\Document\JsonText;

/** What the gardener chose to take in turn on a case. */
final class TurnsChosen
{
    /** Null where it goes on as it was begun, or nobody chose anything. */
    public static function of(PestCase $case): ?ChosenTurns
    {
        $slugs = $case->turns === null ? [] : Slugs::read(JsonText::kept($case->turns));
        $at = $case->turns_chosen_at ?? $case->opened_at;

        return $slugs === [] ? null : new ChosenTurns($slugs, $case->rounds->whereNotNull('batch_id')->filter(static fn(Round $round): bool => $round->sprayed_at <= $at)->count());
    }

    /** Whether what was chosen still holds: nothing else was sprayed since. */
    public static function holds(PestCase $case): bool
    {
        return (self::of($case)?->now($case->slugs()) ?? []) !== [];
    }
}
