<?php

declare(strict_types=1);

namespace IdleMixer\Core\Phrase;

use IdleMixer\Core\Words\Say;

/** Two amounts of a line that are one: from this to that, this and that. */
final readonly class JoinedAmounts
{
    public function __construct(private SpokenUnits $units) {}

    /** @throws Unclear when the second is not more than the first, or of another kind */
    public function range(Much $from, Much $to): Much
    {
        $top = $this->units->inUnitOf($to, $from);
        if ($top === null || $top <= $from->low) {
            throw Unclear::becauseOf(new Refusal(LineFinding::RangeBackwards, ['range' => Say::it('phrase/joined-amounts.to', ['word' => $from->unit->word ?? '', 'word-2' => $to->unit->word ?? ''])]));
        }

        return $from->upTo($top, $to->to);
    }

    /** @throws Unclear when they cannot be added up */
    public function sum(Much $first, Much $second): Much
    {
        // “a teaspoon and a half”
        if ($second->kind === MuchKind::Counted && $second->low < 1.0 && $first->high === null && $first->kind === MuchKind::Measured) {
            return $first->and($second->low, $second->to);
        }
        $more = $first->high === null && $second->high === null ? $this->units->inUnitOf($second, $first) : null;

        return $more === null ? throw Unclear::becauseOf(new Refusal(LineFinding::Shape)) : $first->and($more, $second->to);
    }
}
