<?php

declare(strict_types=1);

namespace IdleMixer\Core\Phrase;

use IdleMixer\Core\Data\InputLines;
use IdleMixer\Core\Quantity\Unit;

/**
 * The words a line may be made of.
 *
 * @phpstan-type Meaning array{float, string, string}
 * @phpstan-type UnitRow array{words: list<string>, means?: Meaning, by_kitchen?: array<string, Meaning>, any?: list<Meaning>, vessel: bool}
 * @phpstan-type NamedRow array{slug: string, words: list<string>, assumed: string|null}
 * @phpstan-type AskedRow array{words: list<string>, code: string, answers: list<array{words: string, as: string}>}
 * @phpstan-type ByEyeRow array{words: string, low: float, high: float, said: list<string>, source: string}
 */
final class Vocabulary
{
    /** No word of the vocabulary is made of more words than this. */
    public const LONGEST = InputLines::MOST_WORDS['value'];

    private const KITCHENS = [
        'us' => Kitchen::Us, 'american' => Kitchen::Us,
        'british' => Kitchen::British, 'uk' => Kitchen::British, 'imperial' => Kitchen::British, 'imp' => Kitchen::British,
        'australian' => Kitchen::Australian, 'aus' => Kitchen::Australian, 'au' => Kitchen::Australian,
        'metric' => Kitchen::Metric,
    ];

    /** @var array<string, UnitRow> */
    private array $units = [];

    /** @var array<string, NamedRow> */
    private array $ingredients = [];

    /** @var array<string, string> reason by word */
    private array $refused = [];

    /** Lamp fuel in Britain, an oil elsewhere. */
    private const REFUSED_IN = ['british' => ['paraffin' => 'paraffin']];

    /** @var array<string, string> code by word */
    private array $eye = [];

    /** @var array<string, AskedRow> by word */
    private array $asked = [];

    /**
     * @param list<UnitRow>               $units
     * @param list<NamedRow>              $ingredients
     * @param array<string, list<string>> $refused
     * @param array<string, ByEyeRow>     $byEye
     * @param list<AskedRow>              $asked
     */
    public function __construct(array $units, array $ingredients, array $refused, private readonly array $byEye, array $asked)
    {
        foreach ($asked as $row) {
            $this->asked += array_fill_keys($row['words'], $row);
        }
        foreach ($units as $row) {
            $this->units += array_fill_keys($row['words'], $row);
        }
        foreach ($ingredients as $row) {
            $this->ingredients += array_fill_keys($row['words'], $row);
        }
        foreach ($refused as $reason => $words) {
            $this->refused += array_fill_keys($words, $reason);
        }
        foreach ($byEye as $code => $row) {
            $this->eye += array_fill_keys($row['said'], $code);
        }
    }

    public static function shipped(): self
    {
        /** @var list<UnitRow> $units */
        $units = require __DIR__ . '/../../data/unit-words.php';
        /** @var list<NamedRow> $ingredients */
        $ingredients = require __DIR__ . '/../../data/ingredient-words.php';
        /** @var array<string, list<string>> $refused */
        $refused = require __DIR__ . '/../../data/refused-ingredients.php';
        /** @var array<string, ByEyeRow> $byEye */
        $byEye = require __DIR__ . '/../../data/by-eye.php';

        /** @var list<AskedRow> $asked */
        $asked = require __DIR__ . '/../../data/asked-ingredients.php';

        return new self($units, $ingredients, $refused, $byEye, $asked);
    }

    public function refusal(string $word, ?Kitchen $kitchen = null): ?string
    {
        return self::REFUSED_IN[$kitchen->value ?? ''][$word] ?? $this->refused[$word] ?? null;
    }

    /** @return AskedRow|null what has to be asked of a name that is sold as different things */
    public function asked(string $word): ?array
    {
        return $this->asked[$word] ?? null;
    }

    public function ingredient(string $word): ?Token
    {
        $row = $this->ingredients[$word] ?? null;

        return $row === null ? null : Token::ingredient($row['slug'], $row['assumed']);
    }

    public function byEye(string $word): ?Token
    {
        return isset($this->eye[$word]) ? Token::byEye($this->eye[$word]) : null;
    }

    public function isUnit(string $word): bool
    {
        return isset($this->units[$word]);
    }

    public function isVessel(string $word): bool
    {
        return $this->units[$word]['vessel'] ?? false;
    }

    public function kitchen(string $word): ?Kitchen
    {
        return self::KITCHENS[$word] ?? null;
    }

    /** @return non-empty-list<UnitMeaning> what a word for a unit may mean in this kitchen */
    public function meanings(string $word, ?Kitchen $kitchen): array
    {
        $row = $this->units[$word];
        if (isset($row['means'])) {
            return [self::meaning($row['means'])];
        }
        $kitchens = $row['by_kitchen'] ?? [];
        if ($kitchen !== null && isset($kitchens[$kitchen->value])) {
            return [self::meaning($kitchens[$kitchen->value])];
        }
        $all = [];
        foreach ($row['any'] ?? array_values($kitchens) as $one) {
            $meaning = self::meaning($one);
            $known = array_filter($all, $meaning->isSame(...));
            if ($known === []) {
                $all[] = $meaning;
            }
        }

        return $all === [] ? throw new \LogicException("The unit “{$word}” has no meaning.") : $all;
    }

    /** @return array{low: float, high: float, words: string} mL */
    public function byEyeRange(string $code): array
    {
        $row = $this->byEye[$code];

        return ['low' => $row['low'], 'high' => $row['high'], 'words' => $row['words']];
    }

    /** @return list<string> */
    public function byEyeCodes(): array
    {
        return array_keys($this->byEye);
    }

    /** The known ingredient that is spelled most like a word; null when none is near. */
    public function nearest(string $word): ?string
    {
        $best = null;
        $least = InputLines::FAR_TYPO['value'];
        foreach (array_keys($this->ingredients + $this->units) as $known) {
            $distance = levenshtein(substr($word, 0, InputLines::LONGEST_ECHO['value']), $known);
            if (strlen($word) >= InputLines::SHORTEST_GUESSED['value'] && $distance < $least) {
                [$best, $least] = [$known, $distance];
            }
        }

        return $best;
    }

    /** @param Meaning $row */
    private static function meaning(array $row): UnitMeaning
    {
        return new UnitMeaning($row[0], Unit::from($row[1]), $row[2]);
    }
}
