<?php

declare(strict_types=1);

namespace IdleMixer\Core\Gate;

use IdleMixer\Core\Ingredient\SubstanceGroup;
use IdleMixer\Core\Safety\Finding;
use IdleMixer\Core\Safety\Level;

/** Which finding says how much of one group leaves get in a week. */
final class WeekFinding
{
    /**
     * How much of one group leaves get in a week.
     *
     * @param bool $planned whether by the interval that is planned, and not by what they had
     */
    public static function of(SubstanceGroup $what, Level $level, bool $planned): Finding
    {
        $essential = $what === SubstanceGroup::Essential;

        return match ($level) {
            Level::Ok => $essential ? ($planned ? Finding::EssentialRepeatedOk : Finding::EssentialHadOk) : ($planned ? Finding::RepeatedOk : Finding::HadOk),
            Level::Caution => $essential ? ($planned ? Finding::EssentialRepeatedCaution : Finding::EssentialHadCaution) : ($planned ? Finding::RepeatedCaution : Finding::HadCaution),
            Level::Stop => $essential ? ($planned ? Finding::EssentialRepeatedStop : Finding::EssentialHadStop) : ($planned ? Finding::RepeatedStop : Finding::HadStop),
        };
    }
}
