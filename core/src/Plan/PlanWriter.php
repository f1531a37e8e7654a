<?php

declare(strict_types=1);

namespace IdleMixer\Core\Plan;

use IdleMixer\Core\Mix\Mixture;
use IdleMixer\Core\Mix\Strengths;
use IdleMixer\Core\Safety\Verdict;
use IdleMixer\Core\Source\SourceCatalogue;
use IdleMixer\Core\Wording\Figures;
use IdleMixer\Core\Wording\Measures;
use IdleMixer\Core\Wording\Sentences;

/** Writes a plan as its open document. Volumes in mL, masses in g, strengths in percent of the finished spray. */
final readonly class PlanWriter
{
    public function __construct(private Sentences $sentences, private SourceCatalogue $sources, private LoadWriter $loads) {}

    public static function shipped(): self
    {
        $sentences = Sentences::shipped();

        return new self($sentences, SourceCatalogue::shipped(), new LoadWriter($sentences));
    }

    /** @return array<string, mixed> */
    public function write(Plan $plan): array
    {
        return [
            'finished_mL' => $plan->whole->finished(),
            'water_mL' => $plan->whole->water,
            'lines' => self::lines($plan->whole),
            'loads' => $this->loads->loads($plan),
            'strength' => self::strength($plan->strengths),
            'verdicts' => array_map($this->verdict(...), $plan->verdicts),
            'steps' => $this->loads->sentences($plan),
            'cautions' => array_map(fn(string $code): array => ['code' => $code, 'text' => $this->sentences->caution($code)], $plan->cautions),
            'spoken' => $this->spoken($plan),
            'holding' => $this->holding($plan),
            'fair_look' => ['hours' => $plan->fairLook->value, 'because' => $this->sentences->fairLook($plan->fairLook)],
            'notes' => ['Volumes are added up; alcohol and water in truth shrink a little when they meet, which is ignored.'],
        ];
    }

    /** @return list<array{ingredient: string, name: string, mL: float, g: float}> */
    private static function lines(Mixture $mixture): array
    {
        $lines = [];
        foreach ($mixture->parts as $part) {
            $lines[] = ['ingredient' => $part->ingredient->slug, 'name' => $part->ingredient->name, 'mL' => $part->millilitres, 'g' => $part->grams()];
        }

        return $lines;
    }

    /** @return array<string, float> */
    private static function strength(Strengths $strengths): array
    {
        return [
            'oil_percent_vv' => $strengths->oil,
            'essential_percent_vv' => $strengths->essential,
            'soap_percent_vv' => $strengths->soap,
            'alcohol_percent_vv' => $strengths->alcohol,
            'peroxide_percent_vv' => $strengths->peroxide,
            'soda_percent_wv' => $strengths->soda,
        ];
    }

    /** @return array{code: string, level: string, because: string, standing: string|null, source: string|null} */
    private function verdict(Verdict $verdict): array
    {
        $source = $verdict->source === null ? null : $this->sources->get($verdict->source);

        return [
            'code' => $verdict->code,
            'level' => $verdict->level->value,
            'because' => $this->sentences->verdict($verdict),
            'standing' => $source?->standing->value,
            'source' => $source?->words(),
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

    /** @return array{make: string, loads: string, strength: list<string>} the figures as they are read out */
    private function spoken(Plan $plan): array
    {
        $count = $plan->loadCount();

        return [
            'make' => Measures::volume($plan->whole->finished(), $plan->request->unit),
            'loads' => $count === 1 ? 'one load' : "{$count} loads",
            'strength' => self::spokenStrength($plan->strengths),
        ];
    }

    /** @return list<string> only what is in it */
    private static function spokenStrength(Strengths $strengths): array
    {
        $words = [];
        foreach ([['oil', $strengths->oil, '%'], ['essential oil', $strengths->essential, '%'], ['soap', $strengths->soap, '%'], ['pure alcohol', $strengths->alcohol, '%'], ['pure peroxide', $strengths->peroxide, '%'], ['soda', $strengths->soda, 'g per 100 mL']] as [$what, $much, $unit]) {
            if ($much > 0.0) {
                $words[] = Figures::short($much) . " {$unit} {$what}";
            }
        }

        return $words;
    }
}
