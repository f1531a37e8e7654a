<?php

declare(strict_types=1);

namespace IdleMixer\Core\Course;

use IdleMixer\Core\Data\ScheduleLines;

/** Two judged rounds in a row that took less than half of what was there: common practice, no source. */
final class PoorRounds
{
    /**
     * @param list<HadMethod> $had  earliest first
     * @param string          $last slug of what was sprayed last: what was changed to since is given its rounds
     *
     * @return list<string> slugs of those rounds; none where it is not to be given up
     */
    public static function of(array $had, string $last): array
    {
        $judged = array_values(array_filter($had, static fn(HadMethod $one): bool => $one->took !== null));
        $lately = array_slice($judged, -ScheduleLines::POOR_ROUNDS['value']);
        $poor = array_map(static fn(HadMethod $one): string => $one->slug, array_values(array_filter($lately, static fn(HadMethod $one): bool => $one->took < ScheduleLines::POOR['value'])));

        return count($poor) === ScheduleLines::POOR_ROUNDS['value'] && in_array($last, $poor, true) ? $poor : [];
    }
}
