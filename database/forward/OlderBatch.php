<?php

declare(strict_types=1);

namespace Database\Forward;

use IdleMixer\Core\Batch\BatchRecord;
use IdleMixer\Core\Batch\BatchWriter;
use IdleMixer\Core\Batch\HistoryWriter;
use IdleMixer\Core\Batch\Rescue;
use IdleMixer\Core\Document\JsonText;
use IdleMixer\Core\Ingredient\IngredientCatalogue;
use IdleMixer\Core\Plant\ToleranceCatalogue;
use IdleMixer\Core\Safety\Circumstances;
use IdleMixer\Core\Safety\Limits;
use IdleMixer\Core\Source\SourceCatalogue;
use IdleMixer\Core\WayOut\SlipReader;
use IdleMixer\Core\WayOut\WayOut;
use IdleMixer\Core\Wording\WayOutWords;
use stdClass;

/**
 * One batch of a notebook that kept plan, request and tally apart, as the document of today. What was planned is taken from
 * the plan that was stored; limits were not stored and are those of that version; the season was not stored and is unknown.
 */
final readonly class OlderBatch
{
    private IngredientCatalogue $ingredients;

    public function __construct()
    {
        $this->ingredients = IngredientCatalogue::shipped();
    }

    /**
     * @param list<stdClass> $scoops of its tally: `load`, `position`, `scoop`, `words`
     *
     * @return array<string, mixed>
     */
    public function document(stdClass $batch, string $recipe, array $scoops): array
    {
        $request = Older::decoded(Older::text($batch->request ?? null));
        $recipe = Older::decoded($recipe);
        $plan = (new OlderPlan((new OlderRecipe($this->ingredients))->leaves($recipe), $scoops))->forward(Older::decoded(Older::text($batch->plan ?? null)));
        $limits = [...Limits::shipped()->rows(), ...LimitsThen::rows()];
        $bench = $this->bench($request, $batch);

        return [
            'format' => BatchRecord::FORMAT,
            'version' => BatchRecord::VERSION,
            'id' => Older::text($batch->submission ?? null),
            'recipe' => $recipe,
            'bench' => $bench,
            'ingredients' => $this->facts($plan),
            'limits' => $limits,
            'sources' => SourceCatalogue::shipped()->rows(...SourceCatalogue::shipped()->keys()),
            'emulsion' => ['usual_droplet_um' => null],
            'holding' => ['strict' => self::hours($plan, 'strict_hours'), 'patient' => self::hours($plan, 'patient_hours')],
            'repeat_days' => is_numeric($batch->repeat_days ?? null) ? (int) $batch->repeat_days : null,
            'plan' => $plan,
        ];
    }

    /**
     * Slips by load, with the amounts of the way out that was taken.
     *
     * @return array<int, array<string, mixed>>
     */
    public function rescues(string $stored, BatchRecord $record): array
    {
        $all = [];
        foreach (Older::list(Older::decoded($stored)) as $number => $one) {
            $load = $record->load((int) $number);
            $keys = array_keys($load->items);
            $said = array_map(static function (mixed $slip) use ($keys): array {
                $row = Older::list($slip);

                return isset($row['item']) ? [...$row, 'item' => $keys[(int) Older::number($row['item'])]] : $row;
            }, array_values(Older::list(Older::at($one, 'slips'))));
            $json = json_encode($said, \JSON_THROW_ON_ERROR | \JSON_PRESERVE_ZERO_FRACTION);
            $slips = SlipReader::read(JsonText::parse($json), $load);
            foreach (WayOut::of($record->atHand((int) $number), $record->limits, ToleranceCatalogue::shipped()->emptyBed())->remedies($load, $slips) as $remedy) {
                if ($remedy->kind->value === Older::at($one, 'remedy')) {
                    $all[(int) $number] = ['load' => (int) $number, ...HistoryWriter::rescue(Rescue::by($remedy, $slips, $json, WayOutWords::shipped()->remedy($remedy, $load, $record->unit)))];
                }
            }
        }

        return $all;
    }

    /**
     * What is in it, with its composition; null while it is being mixed.
     *
     * @param array<string, mixed> $document
     *
     * @return array<string, mixed>|null
     */
    public function made(string $actual, array $document): ?array
    {
        $made = Older::decoded($actual);
        if ($made === null) {
            return null;
        }
        $strengths = [];
        foreach (Older::list(Older::at($document, 'plan', 'loads', 0, 'lines')) as $line) {
            $strengths[Older::text(Older::at($line, 'ingredient'))] = Older::at($line, 'strength');
        }
        $finished = Older::number(Older::at($made, 'finished_mL'));
        $percents = [];
        foreach (Older::list(Older::at($made, 'lines')) as $line) {
            $slug = Older::text(Older::at($line, 'ingredient'));
            $substance = $this->ingredients->get($slug)->substance;
            $counted = $substance->isLiquid() ? Older::number(Older::at($line, 'mL')) * ($substance->hasStrength() ? Older::number($strengths[$slug] ?? 100.0) / 100.0 : 1.0) : Older::number(Older::at($line, 'g'));
            $percents[$slug] = ($percents[$slug] ?? 0.0) + ($finished > 0.0 ? 100.0 * $counted / $finished : 0.0);
        }
        ksort($percents);
        $sure = Older::at($made, 'sure') === true;
        $composition = [];
        foreach ($percents as $slug => $percent) {
            if ($percent <= 0.0) {
                continue;
            }
            $ingredient = $this->ingredients->get($slug);
            // Of what was unsure only the most was kept: it may have been anything below that.
            $composition[] = ['ingredient' => $slug, 'name' => $ingredient->name, 'substance' => $ingredient->substance->value, 'low' => $sure ? $percent : 0.0, 'high' => $percent];
        }

        /** @var array<string, mixed> */
        return [...Older::list($made), 'composition' => $composition];
    }

    /** @return array<string, mixed> */
    private function bench(mixed $request, stdClass $batch): array
    {
        $slug = Older::text(Older::at($request, 'plant'));
        $measures = Older::list(Older::at($request, 'measures'));
        $scale = $batch->scale_grams ?? null;
        $repeat = $batch->repeat_days ?? null;
        $unit = Older::text(Older::at($request, 'make', 'unit'));
        $kitchen = [[1, '[cup_us]'], [1, '[tbs_us]'], [1, '[tsp_us]'], [0.5, '[tsp_us]'], [0.25, '[tsp_us]'], [1, '[drp]']];

        return [
            'make_mL' => self::millilitres(Older::at($request, 'make')),
            'unit' => $unit,
            'sprayer_mL' => Older::at($request, 'sprayer') === null ? null : self::millilitres(Older::at($request, 'sprayer')),
            'highEnd' => Older::at($request, 'highEnd') === true,
            'factor' => Older::at($request, 'factor') === null ? 1.0 : Older::number(Older::at($request, 'factor')),
            'measures' => $measures === []
                ? array_map(static fn(array $row): array => ['amount' => $row[0], 'unit' => $row[1], 'name' => ''], $kitchen)
                : array_map(static fn(mixed $row): array => ['amount' => Older::at($row, 'amount'), 'unit' => Older::at($row, 'unit'), 'name' => ''], array_values($measures)),
            'scale_g' => is_numeric($scale) ? (float) $scale : null,
            'water' => ['hardness_mg_L' => $batch->water_hardness_mg_l ?? null, 'celsius' => $batch->water_celsius ?? null],
            'plant' => $slug === '' ? null : [...BatchWriter::plant(ToleranceCatalogue::shipped()->get($slug)), ...LimitsThen::ofPlant($slug)],
            'circumstances' => BatchWriter::circumstances(new Circumstances(everyDays: is_numeric($repeat) ? (float) $repeat : null)),
            'hand' => 1.0,
            'agitation' => 'hand-shake',
        ];
    }

    private static function millilitres(mixed $amount): float
    {
        return Older::number(Older::at($amount, 'amount')) * \IdleMixer\Core\Quantity\Unit::from(Older::text(Older::at($amount, 'unit')))->factor();
    }

    /**
     * @param array<array-key, mixed> $plan
     *
     * @return list<array<string, mixed>> of each ingredient, heavy as it was reckoned then
     */
    private function facts(array $plan): array
    {
        $all = [];
        foreach (Older::list($plan['lines'] ?? null) as $line) {
            $ingredient = $this->ingredients->get(Older::text(Older::at($line, 'ingredient')));
            $fact = BatchWriter::ingredient($ingredient);
            $all[$ingredient->slug] = [...$fact, 'density' => [...$fact['density'], 'value' => Older::number(Older::at($line, 'g')) / Older::number(Older::at($line, 'mL'))]];
        }

        return array_values($all);
    }

    /**
     * @param array<array-key, mixed> $plan
     *
     * @return array{value: float, unit: string, source: string}
     */
    private static function hours(array $plan, string $key): array
    {
        return ['value' => Older::number(Older::at($plan, 'holding', $key)), 'unit' => 'h', 'source' => 'practice'];
    }
}
