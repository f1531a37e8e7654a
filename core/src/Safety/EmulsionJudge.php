<?php

declare(strict_types=1);

namespace IdleMixer\Core\Safety;

use IdleMixer\Core\Emulsion\EmulsionVerdict;
use IdleMixer\Core\Emulsion\SoapBudget;
use IdleMixer\Core\Plant\Surface;

/** Says whether the oil is held, and what to add, never beyond what a leaf bears of soap. */
final readonly class EmulsionJudge
{
    public function __construct(private Limits $limits) {}

    /**
     * @param float           $finished mL of spray
     * @param EmulsionVerdict $ifSoft   what it would be in soft water, when the hardness is not known
     * @param EmulsionVerdict $ifHard   and in very hard water
     */
    public function verdict(EmulsionVerdict $verdict, SoapBudget $budget, float $finished, bool $assumed, EmulsionVerdict $ifSoft, EmulsionVerdict $ifHard, ?Surface $surface): ?Verdict
    {
        if ($verdict === EmulsionVerdict::NoneNeeded) {
            return null;
        }
        $args = ['given' => $budget->given, 'needed' => $budget->needed, 'lost' => $budget->lost, 'add' => $budget->toAdd, 'limit' => $this->limits->get('soap-leaf')->value];
        if ($assumed && $ifSoft !== $ifHard) {
            return new Verdict('emulsion', Level::Caution, 'emulsion-depends', ['soft' => $ifSoft->value, 'hard' => $ifHard->value, ...$args], 'house');
        }
        $tooMuch = $surface === Surface::Leaf && 100.0 * ($budget->given + $budget->toAdd) / $finished > $args['limit'];

        return match ($verdict) {
            EmulsionVerdict::Enough => new Verdict('emulsion', Level::Ok, 'emulsion-enough', $args, 'house'),
            default => new Verdict('emulsion', Level::Caution, $tooMuch ? 'emulsion-softer' : "emulsion-{$verdict->value}", $args, 'house'),
        };
    }
}
