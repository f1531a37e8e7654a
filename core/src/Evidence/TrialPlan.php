<?php

declare(strict_types=1);

namespace IdleMixer\Core\Evidence;

use DateTimeImmutable;
use IdleMixer\Core\Data\EvidenceLines;
use IdleMixer\Core\Schedule\TaskKind;

/**
 * What a trial by lot asks for: every leaf counted before, each sprayed with its own, three looks after that, and what came of it. It ends
 * where one of the three settles it, or after the last. Days of the looks: our own choice, from the first that says something to the fair one.
 */
final class TrialPlan
{
    /** @return array{TaskKind, DateTimeImmutable} what comes next, and when */
    public static function next(LotTrial $trial, DateTimeImmutable $begun): array
    {
        $before = $trial->before();
        $sprayed = $trial->sprayedAt;
        if ($before === null) {
            return [TaskKind::TrialCount, $begun];
        }
        if ($sprayed === null) {
            return [TaskKind::TrialSpray, $before->at];
        }
        $after = $trial->after();
        $days = EvidenceLines::TRIAL_DAYS['value'][count($after)] ?? null;

        return $days === null || $trial->isSettled() ? [TaskKind::TrialEnd, $after === [] ? $sprayed : $after[count($after) - 1]->at] : [TaskKind::TrialCount, $sprayed->modify("+{$days} days")];
    }

    /** @return list<DateTimeImmutable> of its looks by its plan, the last of which ends it; none as long as not all is sprayed */
    public static function looks(LotTrial $trial): array
    {
        $sprayed = $trial->sprayedAt;

        return $sprayed === null ? [] : array_map(static fn(int $days): DateTimeImmutable => $sprayed->modify("+{$days} days"), EvidenceLines::TRIAL_DAYS['value']);
    }
}
