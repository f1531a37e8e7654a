<?php

declare(strict_types=1);

namespace IdleMixer\Core\Phrase;

use IdleMixer\Core\Catalogue\Things;
use IdleMixer\Core\Data\InputLines;
use IdleMixer\Core\Quantity\Unit;
use IdleMixer\Core\Words\Say;

/**
 * The words a line may be made of.
 *
 * @phpstan-type Meaning array{float, string, string}
 * @phpstan-type UnitRow array{words: list<string>, means?: Meaning, by_kitchen?: array<string, Meaning>, of_water?: array<string, Meaning>, any?: list<Meaning>, vessel: bool}
 * @phpstan-type NamedRow array{slug: string, words: list<string>, assumed: string|null}
 * @phpstan-type AskedRow array{words: list<string>, code: string, answers: list<array{words: string, as: string}>}
 * @phpstan-type SizeRow array{words: string, spoon: array{float, float}, liquid: array{float, float}, eye: array{float, float}, said: list<string>, source: string}
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

    /** @var array<string, string> slug by what the household calls a bottle of its own */
    private array $own = [];

    /** @var array<string, string> reason by word */
    private array $refused = [];

    /** Lamp fuel in Britain, an oil elsewhere. */
    private const REFUSED_IN = ['british' => ['paraffin' => 'paraffin']];

    /** @var array<string, string> code by word */
    private array $eye = [];

    /** @var array<string, AskedRow> by word */
    private array $asked = [];

    /** @var array<string, TokenKind> by word */
    private array $line = [];

    /** @var array<string, string> code by word */
    private array $size = [];

    private readonly Spelling $spelling;

    /**
     * @param list<UnitRow>               $units
     * @param list<NamedRow>              $ingredients
     * @param array<string, list<string>> $refused
     * @param array<string, ByEyeRow>     $byEye
     * @param list<AskedRow>              $asked
     * @param array<string, list<string>> $line words by the kind of token that they are
     * @param array<string, SizeRow>      $sizes
     */
    public function __construct(array $units, array $ingredients, array $refused, private readonly array $byEye, array $asked, array $line, private readonly array $sizes)
    {
        foreach ($line as $kind => $words) {
            $this->line += array_fill_keys($words, TokenKind::from($kind));
        }
        foreach ($sizes as $code => $row) {
            $this->size += array_fill_keys($row['said'], $code);
        }
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
        $this->spelling = new Spelling([
            ...array_map(static fn(array $row): string => "unit {$row['words'][0]}", $this->units),
            ...array_map(static fn(array $row): string => "ingredient {$row['slug']}", $this->ingredients),
            ...array_map(static fn(string $reason): string => "refused {$reason}", $this->refused),
            ...array_map(static fn(string $code): string => "eye {$code}", $this->eye),
            'water' => 'water',
        ]);
    }

    public static function shipped(): self
    {
        /** @var list<UnitRow> $units */
        $units = Say::words('units')['said'];
        $ingredients = [];
        foreach (Things::of('ingredients')->words() as $slug => $said) {
            /** @var array{words: list<string>, loose?: array<string, list<string>>} $said */
            $ingredients[] = ['slug' => $slug, 'words' => $said['words'], 'assumed' => null];
            foreach ($said['loose'] ?? [] as $assumed => $words) {
                $ingredients[] = ['slug' => $slug, 'words' => $words, 'assumed' => $assumed];
            }
        }
        /** @var array<string, list<string>> $refused */
        $refused = Say::words('reading/refused-ingredients');
        /** @var array<string, ByEyeRow> $byEye */
        $byEye = require __DIR__ . '/../../data/by-eye.php';

        /** @var list<AskedRow> $asked */
        $asked = Say::words('reading/asked-ingredients');

        /** @var array<string, list<string>> $line */
        $line = Say::words('reading/line');
        /** @var array<string, SizeRow> $sizes */
        $sizes = require __DIR__ . '/../../data/sizes.php';

        return new self($units, $ingredients, $refused, $byEye, $asked, $line, $sizes);
    }

    /**
     * The same, with what a household calls its own bottles. A name that means something already goes on meaning that, unless it was only
     * taken for it; what is refused stays so.
     *
     * @param array<array-key, string> $names slug of what is in it, by what it is called
     */
    public function knowing(array $names): self
    {
        $fresh = clone $this;
        foreach ($names as $called => $slug) {
            $word = trim((string) preg_replace('/[^\p{L}\']+/u', ' ', mb_strtolower((string) $called)));
            $known = $this->ingredients[$word] ?? null;
            $isElse = isset($this->units[$word]) || isset($this->refused[$word]) || isset($this->line[$word]) || isset($this->size[$word]) || isset($this->eye[$word]);
            // A number in a name is an amount in a line.
            if ($word !== '' && preg_match('/\d/', (string) $called) !== 1 && ! $isElse && ($known === null || $known['assumed'] !== null)) {
                $fresh->own[$word] = $slug;
            }
        }

        return $fresh;
    }

    public function refusal(string $word, ?Kitchen $kitchen = null): ?string
    {
        return self::REFUSED_IN[$kitchen->value ?? ''][$word] ?? $this->refused[$word] ?? null;
    }

    /** @return AskedRow|null what has to be asked of a name that is sold as different things */
    public function asked(string $word): ?array
    {
        return isset($this->own[$word]) ? null : $this->asked[$word] ?? null;
    }

    /** @return array{slug: string, assumed: string|null}|null */
    public function ingredient(string $word): ?array
    {
        return isset($this->own[$word]) ? ['slug' => $this->own[$word], 'assumed' => null] : $this->known($word);
    }

    /** @return array{slug: string, assumed: string|null}|null */
    private function known(string $word): ?array
    {
        return isset($this->ingredients[$word]) ? ['slug' => $this->ingredients[$word]['slug'], 'assumed' => $this->ingredients[$word]['assumed']] : null;
    }

    /** Code of an amount by eye. */
    public function byEye(string $word): ?string
    {
        return $this->eye[$word] ?? null;
    }

    /** What the word does in a line; a size is one, too. */
    public function lineWord(string $word): ?TokenKind
    {
        return isset($this->size[$word]) ? TokenKind::Size : $this->line[$word] ?? null;
    }

    public function size(string $word): string
    {
        return $this->size[$word] ?? '';
    }

    /**
     * What a size makes of what it is said of: from so many times to so many times.
     *
     * @param 'spoon'|'liquid'|'eye' $of
     *
     * @return array{float, float}
     */
    public function sized(string $code, string $of): array
    {
        return $this->sizes[$code][$of];
    }

    /** The one known word that a misspelt one is near to; null where none is, or several of different meaning. */
    public function meant(string $word): ?string
    {
        return $this->spelling->meant($word);
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

        return $all === [] ? throw new \LogicException(Say::it('phrase/vocabulary.unit-has-no-meaning', ['word' => $word])) : $all;
    }

    /** @return list<UnitMeaning> what the word means of water, where that is clear */
    public function ofWater(string $word, ?Kitchen $kitchen): array
    {
        $rows = $this->units[$word]['of_water'] ?? [];
        $row = $rows[$kitchen->value ?? ''] ?? null;

        return $row === null ? [] : [self::meaning($row)];
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

    /** The known word that is spelled most like one that is not known, as a hint only; null when none is near. */
    public function nearest(string $word): ?string
    {
        return $this->spelling->nearest($word);
    }

    /** @param Meaning $row */
    private static function meaning(array $row): UnitMeaning
    {
        return new UnitMeaning($row[0], Unit::from($row[1]), $row[2]);
    }
}
