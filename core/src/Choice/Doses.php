<?php

declare(strict_types=1);

namespace IdleMixer\Core\Choice;

use IdleMixer\Core\Bench\Bench;
use IdleMixer\Core\Bench\Water;
use IdleMixer\Core\Data\ChoiceLines;
use IdleMixer\Core\Emulsion\Agitation;
use IdleMixer\Core\Measure\Kit;
use IdleMixer\Core\Method\Pressure;
use IdleMixer\Core\Mix\Formulator;
use IdleMixer\Core\Mix\Strengths;
use IdleMixer\Core\Plan\BenchJudge;
use IdleMixer\Core\Quantity\Unit;
use IdleMixer\Core\Quantity\Volume;
use IdleMixer\Core\Recipe\Practice;
use IdleMixer\Core\Recipe\Recipe;
use IdleMixer\Core\Safety\Circumstances;
use IdleMixer\Core\Safety\Target;

/** The doses of a recipe, each put on the bench of the case: the high end, as written, half. */
final readonly class Doses
{
    private const HALF = ChoiceLines::HALF['value'];

    public function __construct(private Formulator $formulator, private BenchJudge $judge) {}

    /**
     * In the order in which they are wanted: the high end when it is bad, half where practice takes half; the high end
     * otherwise only where the low one is too weak.
     *
     * @return non-empty-list<Dose>
     */
    public function of(Recipe $recipe, Practice $practice, Situation $situation): array
    {
        $written = [false, 1.0];
        $half = [false, self::HALF];
        $high = self::hasRange($recipe) ? [[true, 1.0]] : [];
        $order = match (true) {
            in_array($situation->trouble->slug, $practice->halfFor, true) => [$half, $written],
            $situation->severity === Severity::Heavy => [...$high, $written, $half],
            default => [$written, ...$high, $half],
        };

        return array_map(fn(array $dose): Dose => $this->dose($this->bench($recipe, $practice, $situation, ...$dose)), $order);
    }

    /**
     * The first that is neither stopped, nor too weak, nor to be minded; else the first that works; else the first that may be
     * used at all. Null when the bench stops every one.
     *
     * @param non-empty-list<Dose> $doses
     */
    public static function best(array $doses): ?Dose
    {
        $usable = array_values(array_filter($doses, static fn(Dose $dose): bool => $dose->stop() === null));
        $strong = array_values(array_filter($usable, static fn(Dose $dose): bool => $dose->weak() === null));
        $mild = array_values(array_filter($strong, static fn(Dose $dose): bool => $dose->cautions() === []));

        return $mild[0] ?? $strong[0] ?? $usable[0] ?? null;
    }

    private function dose(Bench $bench): Dose
    {
        $mixture = $this->formulator->scaledTo($bench->make, $bench->recipe, $bench->highEnd, $bench->factor);
        $strengths = Strengths::of($mixture);

        return new Dose($bench->highEnd, $bench->factor, $strengths, $this->judge->verdicts($bench, $mixture, $strengths), $this->judge->holds($bench, $mixture), $this->judge->soapKills($bench, $mixture, $strengths));
    }

    private function bench(Recipe $recipe, Practice $practice, Situation $situation, bool $highEnd, float $factor): Bench
    {
        return new Bench(
            $recipe,
            Volume::ofMillilitres(Unit::Litre->factor()),
            Unit::Litre,
            null,
            $highEnd,
            $factor,
            Kit::kitchen(),
            new Water($situation->hardness, null),
            Target::of($recipe->use, $situation->plant->leaf),
            // A spray is chosen for what its school does when it is bad.
            new Circumstances(everyDays: $practice->method->tightestDays(), rinsed: $practice->method->isRinsedAt(Pressure::Heavy)),
            1.0,
            Agitation::HandShake,
            false,
            $practice,
            $situation->whom,
        );
    }

    private static function hasRange(Recipe $recipe): bool
    {
        foreach ($recipe->lines as $line) {
            if ($line->upTo !== null) {
                return true;
            }
        }

        return false;
    }
}
