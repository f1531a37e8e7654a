<?php

declare(strict_types=1);

namespace IdleMixer\Core\Batch;

use IdleMixer\Core\Data\InputLines;
use IdleMixer\Core\Document\InvalidDocument;
use IdleMixer\Core\Document\Node;
use IdleMixer\Core\Emulsion\SoapBudget;
use IdleMixer\Core\Ingredient\Ingredient;
use IdleMixer\Core\Ingredient\Substance;
use IdleMixer\Core\Plant\ToleranceCatalogue;
use IdleMixer\Core\Recipe\MixingOrder;
use IdleMixer\Core\Recipe\RecipeUse;
use IdleMixer\Core\Safety\Limits;
use IdleMixer\Core\Safety\Target;
use IdleMixer\Core\Schedule\HoldingRule;
use IdleMixer\Core\Source\SourceCatalogue;
use IdleMixer\Core\Words\Say;

/** Reads what a batch was started from. The document says everything itself; what it could not know yet is that of today. */
final readonly class BatchReader
{
    private const KEYS = ['format', 'version', 'id', 'recipe', 'bench', 'ingredients', 'limits', 'sources', 'emulsion', 'holding', 'repeat_days', 'plan', 'record'];

    private const MOST_LOADS = InputLines::MOST_LOADS['value'];

    private const MOST_INGREDIENTS = InputLines::MOST_INGREDIENTS['value'];

    private const LONGEST_DAYS = InputLines::LONGEST_DAYS['value'];

    /**
     * @param Limits           $limits  of today, for what was not asked then
     * @param SourceCatalogue   $sources of today
     * @param ToleranceCatalogue $kinds   of today, for what a kind of leaf did not say then
     */
    public function __construct(private Limits $limits, private SourceCatalogue $sources, private ToleranceCatalogue $kinds) {}

    public static function shipped(): self
    {
        return new self(Limits::shipped(), SourceCatalogue::shipped(), ToleranceCatalogue::shipped());
    }

    /** @throws InvalidDocument with the path of the first fault found */
    public function read(Node $node): BatchRecord
    {
        $object = $node->object(self::KEYS);
        $object->get('format')->word([BatchRecord::FORMAT], 'format');
        if ($object->get('version')->number() !== (float) BatchRecord::VERSION) {
            throw $object->get('version')->fault(Say::it('batch/batch-reader.version-of-batch-not-known', ['version' => BatchRecord::VERSION]));
        }
        $sources = $this->sources($object->get('sources'));
        $numbers = new NumberReader($sources);
        $bench = new FrozenBench($object->get('bench'), $this->kinds);
        $recipe = $object->get('recipe')->open();
        $plan = $object->get('plan')->open();
        $loads = new LoadReader(self::ingredients($object->get('ingredients'), $numbers));
        $read = array_map($loads->read(...), $plan->get('loads')->items(1, self::MOST_LOADS, 'loads'));
        $holding = $object->get('holding')->object(['strict', 'patient']);
        $emulsion = $object->get('emulsion')->open();
        $droplet = $emulsion->filled('usual_droplet_um');
        $look = $plan->get('fair_look')->open();
        $repeat = $object->filled('repeat_days');
        $target = Target::of(RecipeUse::from($recipe->get('use')->word(array_column(RecipeUse::cases(), 'value'), 'use')), $bench->plant());

        return new BatchRecord(
            self::id($object),
            $recipe->get('slug')->text(InputLines::LONGEST_SLUG['value'], 1),
            $recipe->get('name')->text(InputLines::LONGEST_NAME['value'], 1),
            MixingOrder::from($recipe->get('order')->word(array_column(MixingOrder::cases(), 'value'), Say::it('batch/batch-reader.mixing-order'))),
            $bench->unit(),
            $bench->kit(),
            $bench->water(),
            $target,
            $bench->circumstances(),
            $bench->room(),
            $this->limits($object->get('limits'), $object->get('bench')->open()->filled('plant')?->open(), $numbers, $target, $sources),
            $sources,
            $read === [] ? throw $plan->get('loads')->fault(Say::it('batch/batch-reader.batch-has-at-least-one')) : $read,
            self::budget($plan->get('emulsion')->open()),
            $droplet?->positive(),
            new HoldingRule($numbers->read($holding->get('strict')), $numbers->read($holding->get('patient'))),
            ($look->filled('first_hours') ?? $look->get('hours'))->countUpTo(24.0 * self::LONGEST_DAYS),
            $look->get('hours')->countUpTo(24.0 * self::LONGEST_DAYS),
            $repeat?->whole(1, self::LONGEST_DAYS),
            $bench->factor(),
        );
    }

    private static function id(Node $object): string
    {
        $node = $object->get('id');
        $id = strtolower($node->text(InputLines::LONGEST_ID['value']));
        if (preg_match('/\A[0-9a-f]{8}(-[0-9a-f]{4}){3}-[0-9a-f]{12}\z/', $id) !== 1) {
            throw $node->fault(Say::it('batch/batch-reader.batch-goes-by-uuid-found'));
        }

        return $id;
    }

    private function sources(Node $node): SourceCatalogue
    {
        $rows = [];
        $object = $node->open();
        foreach ($object->names() as $key) {
            $row = $object->get($key)->object(['citation', 'standing', 'from_memory']);
            $rows[$key] = [
                'citation' => $row->get('citation')->text(InputLines::LONGEST_CITATION['value'], 1),
                'standing' => $row->get('standing')->word(['published', 'common-practice', 'ours'], 'standing'),
                'from_memory' => $row->get('from_memory')->flag(),
            ];
        }

        return $this->sources->with($rows);
    }

    /** Those that were asked; for what was not asked then, those of today. */
    private function limits(Node $node, ?Node $plant, NumberReader $numbers, Target $target, SourceCatalogue $sources): Limits
    {
        $rows = [];
        $object = $node->open();
        foreach ($object->names() as $code) {
            $rows[$code] = $numbers->row($object->get($code));
        }

        return new Limits([...$this->limits->rows(), ...OlderLimits::forward($rows, $plant, $numbers, $target)], $sources);
    }

    /** @return array<string, Ingredient> by slug */
    private static function ingredients(Node $node, NumberReader $numbers): array
    {
        $all = [];
        foreach ($node->items(1, self::MOST_INGREDIENTS, 'ingredients') as $item) {
            $row = $item->object(['slug', 'name', 'substance', 'density']);
            $slug = $row->get('slug')->text(InputLines::LONGEST_SLUG['value'], 1);
            $all[$slug] = new Ingredient(
                $slug,
                $row->get('name')->text(InputLines::LONGEST_NAME['value'], 1),
                Substance::from($row->get('substance')->word(array_column(Substance::cases(), 'value'), 'substance')),
                $numbers->positive($row->get('density')),
                null,
                null,
            );
        }

        return $all;
    }

    private static function budget(Node $emulsion): SoapBudget
    {
        $ml = static fn(string $key): float => $emulsion->get($key)->countUpTo(\PHP_FLOAT_MAX);

        // Batches of before do not say it: what is added to them may fall short by what the water takes.
        $still = $emulsion->filled('soap_still_taken_mL')?->countUpTo(\PHP_FLOAT_MAX) ?? 0.0;

        return new SoapBudget($ml('soap_given_mL'), $ml('soap_needed_mL'), $ml('soap_lost_to_hardness_mL'), $still);
    }
}
