<?php

declare(strict_types=1);

namespace IdleMixer\Core\Ask;

use IdleMixer\Core\Cupboard\HeardBottle;
use IdleMixer\Core\Document\InvalidDocument;
use IdleMixer\Core\Document\Node;
use IdleMixer\Core\Shelf\CanMake;
use IdleMixer\Core\Shelf\Lacking;
use IdleMixer\Core\Shelf\Making;
use IdleMixer\Core\Wording\PhraseWords;

/**
 * What can be made of a cupboard, as open documents.
 *
 * @phpstan-type ScoopRow array{amount: float, unit: string, count: int}
 * @phpstan-type LineRow array{ingredient: string, mL?: float, g?: float, instead: string|null, scoops: list<ScoopRow>}
 */
final readonly class Shelf
{
    public function __construct(private ShelfReader $reader, private CanMake $canMake, private PhraseWords $words) {}

    public static function shipped(): self
    {
        return new self(ShelfReader::shipped(), CanMake::shipped(), PhraseWords::shipped());
    }

    /**
     * @return array{understood: list<array{words: string, ingredient: string|null, asked: string|null, said: string}>, sprays: list<array{recipe: string, factor: float, make_mL: float, limitedBy: string|null, highEnd: bool, lines: list<LineRow>, level: string}>, missing: list<array{recipe: string, ingredients: list<string>}>}
     *
     * @throws InvalidDocument with the path of the first fault found
     */
    public function answer(Node $node): array
    {
        [$ask, $heard] = $this->reader->read($node);
        $found = $this->canMake->of($ask);

        return [
            'understood' => array_map(fn(array $one): array => ['words' => $one[0], 'ingredient' => $one[1]->ingredient?->slug, 'asked' => $this->asked($one[1]), 'said' => $one[1]->line === null ? '' : implode(' ', $this->words->assumed($one[1]->line))], $heard),
            'sprays' => array_map(static fn(Making $one): array => [
                'recipe' => $one->stocked->recipe->slug,
                'factor' => $one->plan->bench->factor,
                'make_mL' => $one->millilitres(),
                'limitedBy' => $one->limitedBy,
                'highEnd' => $one->plan->bench->highEnd,
                'lines' => self::lines($one),
                'level' => $one->level()->value,
            ], $found->sprays),
            'missing' => array_map(static fn(Lacking $one): array => ['recipe' => $one->recipe->slug, 'ingredients' => $one->slugs], $found->lacking),
        ];
    }

    private function asked(HeardBottle $heard): ?string
    {
        return match (true) {
            $heard->question !== null => $this->words->question($heard->question),
            $heard->refusal !== null => $this->words->refusal($heard->refusal),
            default => null,
        };
    }

    /** @return list<LineRow> */
    private static function lines(Making $making): array
    {
        $load = $making->plan->load(1);
        $lines = [];
        foreach ($load->mixture->parts as $i => $part) {
            $slug = $part->ingredient->slug;
            $item = array_values(array_filter($load->items, static fn($item): bool => $item->part === $part))[0] ?? null;
            $scoops = [];
            foreach (($item->measured ?? $load->measured[$i])->scoops as $scoop) {
                $scoops[] = ['amount' => $scoop->measure->amount->value, 'unit' => $scoop->measure->amount->unit->value, 'count' => $scoop->count];
            }
            $lines[] = ['ingredient' => $slug, ...($part->ingredient->substance->isLiquid() ? ['mL' => $part->millilitres] : ['g' => $part->grams()]), 'instead' => $making->stocked->for($slug), 'scoops' => $scoops];
        }

        return $lines;
    }
}
