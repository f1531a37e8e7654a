<?php

declare(strict_types=1);

namespace IdleMixer\Core\Phrase;

use IdleMixer\Core\Data\InputLines;
use IdleMixer\Core\Recipe\Recipe;

/** The stocks that a line may speak of, found by their names or by what stands before “stock”. */
final readonly class StockShelf
{
    /** Words that are looked at for a name. */
    public const LONGEST = InputLines::MOST_STOCK_WORDS['value'];

    /** “of my kitchen stock” */
    private const LOOSE = ['my', 'our', 'the', 'of', 'your'];

    /** @var list<array{list<string>, Recipe}> words of the name */
    private array $named;

    /** @param list<Recipe> $stocks those of one name are one: the first counts */
    public function __construct(array $stocks = [])
    {
        $named = [];
        foreach ($stocks as $stock) {
            $words = self::words($stock->name);
            $named[implode(' ', $words)] ??= [$words, $stock];
        }
        $this->named = array_values($named);
    }

    /**
     * What the words begin with.
     *
     * @param list<string> $words
     *
     * @return array{list<Recipe>, int} the stocks that may be meant and how many words name them; none and 0 where no stock is named
     */
    public function named(array $words): array
    {
        $whole = array_values(array_filter($this->named, static fn(array $one): bool => $one[0] !== [] && array_slice($words, 0, count($one[0])) === $one[0]));
        if ($whole !== []) {
            usort($whole, static fn(array $a, array $b): int => count($b[0]) <=> count($a[0]));

            return [[$whole[0][1]], count($whole[0][0])];
        }
        $at = array_search('stock', $words, true);
        $said = array_values(array_diff(array_slice($words, 0, (int) $at), self::LOOSE));
        $known = array_merge(...array_column($this->named, 0));
        if ($at === false || array_diff($said, $known) !== []) {
            return [[], 0];
        }
        $meant = array_values(array_filter($this->named, static fn(array $one): bool => array_diff($said, $one[0]) === []));

        return [array_column($meant, 1), $meant === [] ? 0 : $at + 1];
    }

    /** @return list<string> */
    private static function words(string $name): array
    {
        try {
            return array_map(static fn(RawWord $word): string => $word->text, PlainText::words(PlainText::of($name)));
        } catch (Unclear) {
            return [];
        }
    }
}
