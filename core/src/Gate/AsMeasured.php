<?php

declare(strict_types=1);

namespace IdleMixer\Core\Gate;

use IdleMixer\Core\Data\SafetyLines;
use IdleMixer\Core\Mix\Component;
use IdleMixer\Core\Mix\Composition;
use IdleMixer\Core\Safety\Ceiling;

/** What really was measured, as it is judged: what spoons are always off is no matter, and counts for what was meant. */
final class AsMeasured
{
    /** @param Composition $meant what was planned */
    public static function of(Composition $made, Composition $meant): Composition
    {
        return Composition::remembered(array_values(array_map(static function (Component $one) use ($meant): Component {
            $planned = $meant->components[$one->slug]->high ?? 0.0;
            $near = $planned > 0.0 && abs($one->high - $planned) <= $planned * SafetyLines::SPOONS_OFF['value'] * (1.0 + Ceiling::ROUNDING);

            return $near ? new Component($one->slug, $one->name, $one->substance, min($one->low, $planned), $planned) : $one;
        }, $made->components)));
    }
}
