<?php

declare(strict_types=1);

namespace IdleMixer\Core\Gate;

use IdleMixer\Core\Safety\Finding;
use IdleMixer\Core\Safety\Verdict;

/** What stands mixed: whether it is known, fresh, even, and from a clean sprayer. Common practice, no source. */
final readonly class BottleRule implements Rule
{
    public function verdicts(Question $question): array
    {
        $bottle = $question->spray->bottle;

        return $bottle === null ? [] : array_values(array_filter([
            match (true) {
                $bottle->isGone => Verdict::of(Finding::BatchDiscarded),
                $bottle->ageHours === null => Verdict::of(Finding::BatchNotFinished),
                default => self::age($bottle, $bottle->ageHours),
            },
            $bottle->standTest->isUnsteady() ? Verdict::of(Finding::BatchUnsteady, ['stand' => $bottle->standTest->words()]) : null,
            $bottle->isKnown ? null : Verdict::of(Finding::UnknownMix),
            $bottle->hadWeedKiller ? Verdict::of(Finding::WeedKiller) : null,
        ]));
    }

    private static function age(BottleNow $bottle, float $age): ?Verdict
    {
        $most = $bottle->keepsAtMostHours;

        return match (true) {
            $most === null => null,
            $age > $most => Verdict::of(Finding::BatchKeptTooLong, ['hours-ago' => $age - $most]),
            $bottle->keepsHours !== null && $age > $bottle->keepsHours => Verdict::of(Finding::BatchOld, ['hours-ago' => $age, 'hours-left' => $most - $age]),
            default => Verdict::of(Finding::BatchFit, ['hours-ago' => max(0.0, $age), 'hours-left' => ($bottle->keepsHours ?? $most) - $age]),
        };
    }
}
