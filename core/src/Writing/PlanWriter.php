<?php

declare(strict_types=1);

namespace IdleMixer\Core\Writing;

use IdleMixer\Core\Plan\Plan;
use IdleMixer\Core\Source\SourceCatalogue;
use IdleMixer\Core\Wording\Measures;
use IdleMixer\Core\Wording\Sentences;
use IdleMixer\Core\Words\Say;

/** Writes a plan as its open document. Volumes in mL, masses in g, strengths in percent of the finished spray. */
final readonly class PlanWriter
{
    public function __construct(private Sentences $sentences, private VerdictWriter $verdicts, private LoadWriter $loads) {}

    public static function shipped(): self
    {
        $sentences = Sentences::shipped();

        return new self($sentences, new VerdictWriter($sentences, SourceCatalogue::shipped()), new LoadWriter($sentences));
    }

    public function write(Plan $plan): WrittenPlan
    {
        [$loads, $steps] = $this->loads->write($plan);

        return new WrittenPlan(
            $plan->whole->finished(),
            $plan->whole->water,
            MixtureWriter::lines($plan->whole),
            $loads,
            MixtureWriter::strength($plan->strengths),
            EmulsionWriter::write($plan),
            array_map($this->verdicts->write(...), $plan->verdicts),
            $steps,
            array_map(fn(string $code): WrittenCaution => new WrittenCaution($code, $this->sentences->caution($code)), $plan->gate->cautions),
            self::spoken($plan),
            new WrittenHolding($plan->holding->strict->value, $plan->holding->patient->value, $this->sentences->holding($plan->holding)),
            new WrittenFairLook($plan->fairLook->first->value, $plan->fairLook->judged->value, $this->sentences->fairLook($plan->fairLook)),
            [Say::it('writing/plan-writer.volumes-are-added-up-alcohol')],
        );
    }

    /** The figures as they are read out. */
    private static function spoken(Plan $plan): WrittenSpoken
    {
        $count = $plan->loadCount();

        return new WrittenSpoken(
            Measures::volume($plan->whole->finished(), $plan->bench->unit),
            $count === 1 ? Say::it('writing/plan-writer.one-load') : Say::it('writing/plan-writer.loads', ['count' => $count]),
            MixtureWriter::spoken($plan->strengths),
            MixtureWriter::spoken($plan->measured),
            $plan->top === null ? [] : MixtureWriter::range($plan->strengths, $plan->top),
        );
    }
}
