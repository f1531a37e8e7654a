<?php

declare(strict_types=1);

namespace IdleMixer\Core\Batch;

use IdleMixer\Core\Bench\Bench;
use IdleMixer\Core\Ingredient\Ingredient;
use IdleMixer\Core\Measure\Measure;
use IdleMixer\Core\Mix\Mixture;
use IdleMixer\Core\Plan\Plan;
use IdleMixer\Core\Plant\ToleranceCatalogue;
use IdleMixer\Core\Plant\ToleranceClass;
use IdleMixer\Core\Recipe\RecipeWriter;
use IdleMixer\Core\Safety\Circumstances;
use IdleMixer\Core\Safety\Limits;
use IdleMixer\Core\Source\SourceCatalogue;
use IdleMixer\Core\Source\Sourced;
use IdleMixer\Core\Writing\PlanWriter;

/** Writes down what a batch is started from, with every number that decides something about it later. */
final readonly class BatchWriter
{
    public function __construct(private PlanWriter $plans, private Limits $limits, private SourceCatalogue $sources, private ToleranceCatalogue $kinds) {}

    public static function shipped(): self
    {
        return new self(PlanWriter::shipped(), Limits::shipped(), SourceCatalogue::shipped(), ToleranceCatalogue::shipped());
    }

    /**
     * @param string   $id         UUID
     * @param int|null $repeatDays days to the next round; null where it is done once
     *
     * @return array<string, mixed> the batch document without what is done with it afterwards
     */
    public function freeze(Plan $plan, string $id, ?int $repeatDays): array
    {
        $limits = $this->limits->asked($plan->bench->target->limits() ?? '', $this->kinds->emptyBed()->limits);

        return [
            'format' => BatchRecord::FORMAT,
            'version' => BatchRecord::VERSION,
            'id' => $id,
            'recipe' => RecipeWriter::write($plan->bench->recipe),
            'bench' => self::bench($plan->bench),
            'ingredients' => self::ingredients($plan->whole),
            'limits' => $limits,
            'sources' => $this->sources->rows(...$this->named($plan, array_column($limits, 'source'))),
            'emulsion' => ['usual_droplet_um' => $plan->emulsion->usualDroplet],
            'holding' => ['strict' => self::sourced($plan->holding->strict), 'patient' => self::sourced($plan->holding->patient)],
            'repeat_days' => $repeatDays,
            'plan' => $this->plans->write($plan),
        ];
    }

    /** @return array<string, mixed> */
    public static function bench(Bench $bench): array
    {
        return [
            'make_mL' => $bench->make->millilitres(),
            'unit' => $bench->unit->value,
            'sprayer_mL' => $bench->sprayer?->millilitres(),
            'highEnd' => $bench->highEnd,
            'factor' => $bench->factor,
            'measures' => array_map(static fn(Measure $measure): array => [...$measure->amount->toArray(), 'name' => $measure->name], $bench->kit->measures),
            'scale_g' => $bench->kit->scale?->inBase(),
            'water' => ['hardness_mg_L' => $bench->water->hardness, 'celsius' => $bench->water->temperature?->celsius()],
            'plant' => $bench->target->plant === null ? null : self::plant($bench->target->plant),
            'circumstances' => self::circumstances($bench->circumstances),
            'hand' => $bench->hand,
            'agitation' => $bench->agitation->value,
        ];
    }

    /** @return array<string, mixed> */
    public static function plant(ToleranceClass $plant): array
    {
        return [
            'slug' => $plant->slug,
            'name' => $plant->name,
            'surface' => $plant->surface->value,
            'limits' => $plant->limits,
        ];
    }

    /** @return array<string, mixed> what nobody said is “unknown” or null */
    public static function circumstances(Circumstances $circumstances): array
    {
        return [
            'season' => $circumstances->season->value ?? 'unknown',
            'air_celsius' => $circumstances->air?->celsius(),
            'inFlower' => $circumstances->inFlower,
            'rinsed' => $circumstances->rinsed ?? false,
            'pickedInDays' => $circumstances->pickedInDays,
            'everyDays' => $circumstances->everyDays,
        ];
    }

    /** @return array{slug: string, name: string, substance: string, density: array{value: float, unit: string, source: string}} */
    public static function ingredient(Ingredient $ingredient): array
    {
        return [
            'slug' => $ingredient->slug,
            'name' => $ingredient->name,
            'substance' => $ingredient->substance->value,
            'density' => self::sourced($ingredient->density),
        ];
    }

    /** @return list<array<string, mixed>> */
    private static function ingredients(Mixture $whole): array
    {
        $all = [];
        foreach ($whole->parts as $part) {
            $all[$part->ingredient->slug] = self::ingredient($part->ingredient);
        }

        return array_values($all);
    }

    /**
     * @param list<string> $limits sources of the limits
     *
     * @return list<string> every source that the document names
     */
    private function named(Plan $plan, array $limits): array
    {
        $all = [$plan->holding->strict, $plan->holding->patient];
        foreach ($plan->whole->parts as $part) {
            $all[] = $part->ingredient->density;
        }
        $sources = array_map(static fn(Sourced $one): string => $one->source, $all);

        // Verdicts on place and weather rest on these.
        return array_values(array_unique(['practice', 'house', ...$limits, ...$sources]));
    }

    /** @return array{value: float, unit: string, source: string} */
    private static function sourced(Sourced $number): array
    {
        return ['value' => $number->value, 'unit' => $number->unit, 'source' => $number->source];
    }
}
