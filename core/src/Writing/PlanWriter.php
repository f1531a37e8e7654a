<?php

declare(strict_types=1);

namespace IdleMixer\Core\Writing;

use IdleMixer\Core\Plan\Plan;
use IdleMixer\Core\Source\SourceCatalogue;
use IdleMixer\Core\Wording\Measures;
use IdleMixer\Core\Wording\Sentences;

/** Writes a plan as its open document. Volumes in mL, masses in g, strengths in percent of the finished spray. */
final readonly class PlanWriter
{
    public function __construct(private Sentences $sentences, private VerdictWriter $verdicts, private LoadWriter $loads) {}

    public static function shipped(): self
    {
        $sentences = Sentences::shipped();

        return new self($sentences, new VerdictWriter($sentences, SourceCatalogue::shipped()), new LoadWriter($sentences));
    }

    /**
     * @return array{
     *     finished_mL: float, water_mL: float, lines: list<array{ingredient: string, name: string, mL: float, g: float}>,
     *     loads: list<array<string, mixed>>, strength: array<string, float>,
     *     emulsion: array<string, mixed>,
     *     verdicts: list<array{code: string, level: string, because: string, standing: string|null, source: string|null}>,
     *     steps: list<string>, cautions: list<array{code: string, text: string}>,
     *     spoken: array{make: string, loads: string, strength: list<string>, measured: list<string>, range: list<string>},
     *     holding: array{strict_hours: float, patient_hours: float, because: string},
     *     fair_look: array{hours: float, because: string}, notes: list<string>,
     * }
     */
    public function write(Plan $plan): array
    {
        [$loads, $steps] = $this->loads->write($plan);

        return [
            'finished_mL' => $plan->whole->finished(),
            'water_mL' => $plan->whole->water,
            'lines' => MixtureWriter::lines($plan->whole),
            'loads' => $loads,
            'strength' => MixtureWriter::strength($plan->strengths),
            'emulsion' => EmulsionWriter::write($plan),
            'verdicts' => array_map($this->verdicts->write(...), $plan->verdicts),
            'steps' => $steps,
            'cautions' => array_map(fn(string $code): array => ['code' => $code, 'text' => $this->sentences->caution($code)], $plan->cautions),
            'spoken' => $this->spoken($plan),
            'holding' => $this->holding($plan),
            'fair_look' => ['hours' => $plan->fairLook->value, 'because' => $this->sentences->fairLook($plan->fairLook)],
            'notes' => ['Volumes are added up; alcohol and water in truth shrink a little when they meet, which is ignored.'],
        ];
    }

    /** @return array{strict_hours: float, patient_hours: float, because: string} */
    private function holding(Plan $plan): array
    {
        return [
            'strict_hours' => $plan->holding->strict->value,
            'patient_hours' => $plan->holding->patient->value,
            'because' => $this->sentences->holding($plan->holding),
        ];
    }

    /** @return array{make: string, loads: string, strength: list<string>, measured: list<string>, range: list<string>} the figures as they are read out */
    private function spoken(Plan $plan): array
    {
        $count = $plan->loadCount();

        return [
            'make' => Measures::volume($plan->whole->finished(), $plan->bench->unit),
            'loads' => $count === 1 ? 'one load' : "{$count} loads",
            'strength' => MixtureWriter::spoken($plan->strengths),
            'measured' => MixtureWriter::spoken($plan->measured),
            'range' => $plan->top === null ? [] : MixtureWriter::range($plan->strengths, $plan->top),
        ];
    }
}
