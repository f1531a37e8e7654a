<?php

declare(strict_types=1);

namespace IdleMixer\Core\Ask;

use DateTimeImmutable;
use IdleMixer\Core\Data\InputLines;
use IdleMixer\Core\Document\InvalidDocument;
use IdleMixer\Core\Document\Node;
use IdleMixer\Core\Evidence\Counted;
use IdleMixer\Core\Evidence\Sprayed;
use IdleMixer\Core\Mix\Composition;
use IdleMixer\Core\Mix\Formulator;
use IdleMixer\Core\Mix\SprayFamily;
use IdleMixer\Core\Recipe\RecipeCatalogue;
use IdleMixer\Core\Recipe\RecipeUse;
use IdleMixer\Core\Schedule\FairLook;
use IdleMixer\Core\Trouble\Trouble;
use IdleMixer\Core\Trouble\TroubleCatalogue;
use IdleMixer\Core\Words\Say;

/** Reads cases with their rounds and counts, strictly. */
final readonly class WorkedReader
{
    private const MOST_CASES = InputLines::MOST_CASES['value'];

    private const MOST_ROWS = InputLines::MOST_ROWS['value'];

    /** What may be counted of anything. */
    private const LARGEST_COUNT = InputLines::LARGEST_NUMBER['value'];

    private const LARGEST_FACTOR = InputLines::LARGEST_FACTOR['value'];

    private const EARLIEST = '1900-01-01T00:00:00Z';

    private const LATEST = '2200-01-01T00:00:00Z';

    private DateTimeImmutable $from;

    private DateTimeImmutable $to;

    public function __construct(private RecipeCatalogue $recipes, private TroubleCatalogue $troubles, private FairLook $fairLook, private Formulator $formulator)
    {
        $this->from = new DateTimeImmutable(self::EARLIEST);
        $this->to = new DateTimeImmutable(self::LATEST);
    }

    public static function shipped(): self
    {
        return new self(RecipeCatalogue::shipped(), TroubleCatalogue::shipped(), FairLook::shipped(), new Formulator());
    }

    /**
     * @return list<ToldCase>
     *
     * @throws InvalidDocument with the path of the first fault found
     */
    public function read(Node $node): array
    {
        return array_map(function (Node $item): ToldCase {
            $case = $item->object(['id', 'pest', 'plant', 'rounds', 'counts']);
            $pest = $this->troubles->trouble($case->get('pest')->word(array_keys($this->troubles->troubles), 'trouble'));
            $case->optional('plant')?->text(InputLines::LONGEST_NAME['value']);
            $rounds = array_map(fn(Node $round): ToldRound => $this->round($round, $pest), $case->get('rounds')->items(0, self::MOST_ROWS, 'rounds'));
            usort($rounds, static fn(ToldRound $a, ToldRound $b): int => $a->sprayed->at <=> $b->sprayed->at);

            return new ToldCase(
                $case->get('id')->text(InputLines::LONGEST_NAME['value'], 1),
                $pest->slug,
                $rounds,
                array_map($this->count(...), $case->get('counts')->items(0, self::MOST_ROWS, 'counts')),
            );
        }, $node->object(['cases'])->get('cases')->items(0, self::MOST_CASES, 'cases'));
    }

    private function round(Node $node, Trouble $pest): ToldRound
    {
        $round = $node->object(['at', 'recipe', 'factor', 'handWork', 'fairLookHours']);
        $recipe = $round->get('recipe')->text(InputLines::LONGEST_SLUG['value'], 1);
        $factor = $round->filled('factor')?->positive(self::LARGEST_FACTOR) ?? 1.0;
        $winter = $this->recipes->has($recipe) && $this->recipes->get($recipe)->use === RecipeUse::Dormant;

        return new ToldRound(
            $recipe,
            $factor,
            $round->filled('handWork')?->flag() ?? false,
            new Sprayed($round->get('at')->instant($this->from, $this->to), $this->hours($round, $recipe, $pest), "{$recipe} x {$factor}", $winter),
            $this->recipes->has($recipe) ? SprayFamily::of(Composition::of([$this->formulator->onBasis($this->recipes->get($recipe))])) : null,
        );
    }

    /** The product's own where it is left out. */
    private function hours(Node $round, string $recipe, Trouble $pest): float
    {
        $said = $round->filled('fairLookHours');
        if ($said !== null) {
            return $said->positive(24.0 * InputLines::LONGEST_DAYS['value']);
        }
        if (! $this->recipes->has($recipe)) {
            throw $round->get('recipe')->fault(Say::it('ask/worked-reader.no-shipped-spray-say-with'));
        }
        $known = $this->recipes->get($recipe);

        return $this->fairLook->of($this->formulator->onBasis($known), $known->use, ! $this->recipes->practice($recipe)->onlyWhereNothingGrows, $pest->kind)->judged->value;
    }

    private function count(Node $node): Counted
    {
        $count = $node->object(['at', 'value', 'untreated']);

        return new Counted($count->get('at')->instant($this->from, $this->to), $count->get('value')->countUpTo(self::LARGEST_COUNT), $count->filled('untreated')?->flag() ?? false);
    }
}
