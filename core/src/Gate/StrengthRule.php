<?php

declare(strict_types=1);

namespace IdleMixer\Core\Gate;

use IdleMixer\Core\Data\GateLines;
use IdleMixer\Core\Ingredient\Substance;
use IdleMixer\Core\Safety\Bound;
use IdleMixer\Core\Safety\Ceiling;
use IdleMixer\Core\Safety\Ceilings;
use IdleMixer\Core\Safety\Finding;
use IdleMixer\Core\Safety\Limits;
use IdleMixer\Core\Safety\NoOil;
use IdleMixer\Core\Safety\OilSum;
use IdleMixer\Core\Safety\Target;
use IdleMixer\Core\Safety\UnknownLimit;
use IdleMixer\Core\Safety\Verdict;

/** Holds a spray against the limits of what it lands on; where that is several things, the stricter holds. */
final readonly class StrengthRule implements Rule
{
    /** Columns of `limits.php`. */
    private const ORDINARY = 'ordinary';

    private Ceilings $ceilings;

    public function __construct(private Limits $limits)
    {
        $this->ceilings = new Ceilings($limits);
    }

    /** @throws UnknownLimit when the catalogue of limits lacks a row */
    public function verdicts(Question $question): array
    {
        $spray = $question->spray;
        $noOil = $question->plant->bearsNoOil() && ! $spray->isPoured() && ! $spray->isSwab();
        $worst = [];
        foreach ($question->targets as $target) {
            foreach ($this->bounds($question, $target, $noOil) as $bound) {
                $verdict = $bound->verdict($spray->strengths);
                if ($verdict !== null && (! isset($worst[$verdict->code]) || $verdict->level->isWorseThan($worst[$verdict->code]->level) || (! $worst[$verdict->code]->level->isWorseThan($verdict->level) && ($verdict->args['limit'] ?? 0) < ($worst[$verdict->code]->args['limit'] ?? 0)))) {
                    $worst[$verdict->code] = $verdict;
                }
            }
        }

        return array_values(array_filter([
            ...array_values($worst),
            $this->onBloom($question),
            $this->tooHeavy($question),
            ...$question->wetsLeaves() && $question->plant->isSoapSensitive() ? $this->sensitive($question) : [],
        ]));
    }

    /** @return list<Bound> */
    private function bounds(Question $question, Target $target, bool $noOil): array
    {
        $bounds = $this->ceilings->of($target, $question->spray->strengths);
        if (! $noOil) {
            return $bounds;
        }
        $others = array_values(array_filter($bounds, static fn(Bound $bound): bool => ! $bound instanceof OilSum && ! $bound instanceof NoOil && ! ($bound instanceof Ceiling && $bound->what->isOily())));

        return [new NoOil($question->plant->kind !== null && $question->plant->kind->bearsNoOil ? $question->plant->kind->name : $target->words()), ...$others];
    }

    /** A powdered leaf bears oil, but not its powder; leaves that bore this spray say more. */
    private function onBloom(Question $question): ?Verdict
    {
        foreach ($question->wetsLeaves() && $question->spray->strengths->oily() > 0.0 ? $question->targets : [] as $target) {
            if ($target->plant?->hasBloom === true) {
                return Verdict::of(Finding::OilOnBloom, ['plant' => lcfirst($target->plant->name)]);
            }
        }

        return null;
    }

    /** Orchids bear mineral oil and neem, and not what stays on their leaves; leaves that bore this spray say more. */
    private function tooHeavy(Question $question): ?Verdict
    {
        $kind = $question->plant->kind;
        $percent = $question->spray->strengths->percent(Substance::KitchenOil);

        return $kind?->kitchenOilHeavy === true && $question->wetsLeaves() && $percent > 0.0 ? Verdict::of(Finding::KitchenOilHeavy, ['percent' => $percent, 'plant' => $kind->name]) : null;
    }

    /** @return list<Verdict> */
    private function sensitive(Question $question): array
    {
        $verdicts = [];
        foreach ([Substance::TrueSoap, Substance::Detergent] as $what) {
            $percent = $question->spray->strengths->percent($what);
            $stop = GateLines::SENSITIVE_SHARE['value'] * $this->limits->value("{$what->value}/" . self::ORDINARY . '/stop');
            if ($percent > 0.0) {
                $verdicts[] = Verdict::of(
                    $percent > $stop * (1 + Ceiling::ROUNDING) ? Finding::SoapSensitiveStop : Finding::SoapSensitiveCaution,
                    ['percent' => $percent, 'limit' => $stop, 'what' => $what->words(), 'plant' => $question->plant->kind !== null && $question->plant->kind->soapSensitive ? $question->plant->kind->name : $question->words()],
                    GateLines::SENSITIVE_SHARE['source'],
                );
            }
        }

        return $verdicts;
    }
}
