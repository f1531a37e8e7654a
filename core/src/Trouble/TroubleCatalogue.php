<?php

declare(strict_types=1);

namespace IdleMixer\Core\Trouble;

use IdleMixer\Core\Catalogue\Things;
use IdleMixer\Core\Data\TroubleLines;
use IdleMixer\Core\Source\SourceCatalogue;
use IdleMixer\Core\Source\UnknownSource;
use IdleMixer\Core\Words\MissingWords;
use IdleMixer\Core\Words\Say;

/**
 * Signs, troubles and further looks.
 *
 * @phpstan-type SignRow array{group: string, words: string, drawing: string, usual: float, source: string}
 * @phpstan-type TroubleRow array{name: string, kind: string, commonness: int|float, signs: array<string, string>, matters: string, stages: list<string>, source: string, counted?: string|true, by_spray?: bool, where?: array{on?: string, only?: bool, indoors?: bool, outdoors?: bool, outside?: array<string, bool>, inside?: array<string, bool>}}
 * @phpstan-type LookRow array{words: string, sign: string, source: string}
 */
final readonly class TroubleCatalogue
{
    /** How often is "usually", "often", "sometimes" and "never": our own reading. */
    private const SHARES = TroubleLines::SHARES['value'];

    /** The sign that a round lately is. */
    private const AFTER_SPRAY = 'after-spray';

    /** @var array<string, Sign> */
    public array $signs;

    /** @var non-empty-array<string, Trouble> */
    public array $troubles;

    /** @var array<string, Look> */
    public array $looks;

    /**
     * @param array<string, SignRow>    $signs
     * @param non-empty-array<string, TroubleRow> $troubles
     * @param array<string, LookRow>    $looks
     *
     * @throws UnknownSign   when a row names a sign, or a share, that is not listed
     * @throws UnknownSource when a row names a source that is not listed
     */
    public function __construct(array $signs, array $troubles, array $looks, SourceCatalogue $sources)
    {
        $this->signs = self::built($signs, $sources, static fn(string $slug, array $row): Sign => new Sign($slug, $row['group'], $row['words'], $row['drawing'], $row['usual']));
        $this->troubles = self::built($troubles, $sources, fn(string $slug, array $row): Trouble => new Trouble($slug, $row['name'], TroubleKind::from($row['kind']), (float) $row['commonness'], $this->shares($row['signs']), $row['matters'], $row['stages'], is_string($row['counted'] ?? null) ? $row['counted'] : null, $row['by_spray'] ?? false, Where::ofRow($row['where'] ?? [])));
        $this->looks = self::built($looks, $sources, fn(string $slug, array $row): Look => new Look($slug, $row['words'], $this->sign($row['sign'])));
    }

    public static function shipped(): self
    {
        /** @var array<string, array<string, mixed>> $seen */
        $seen = require __DIR__ . '/../../data/signs.php';
        /** @var array<string, SignRow> $signs */
        $signs = self::worded($seen, Say::all('signs'));
        /** @var non-empty-array<string, TroubleRow> $troubles */
        $troubles = Things::of('troubles')->named();
        /** @var array<string, array<string, mixed>> $further */
        $further = require __DIR__ . '/../../data/looks.php';
        /** @var array<string, LookRow> $looks */
        $looks = self::worded($further, Say::all('looks'));

        return new self($signs, $troubles, $looks, SourceCatalogue::shipped());
    }

    /**
     * @param array<string, array<string, mixed>> $rows
     * @param array<string, string>               $words
     *
     * @return array<string, array<string, mixed>>
     */
    private static function worded(array $rows, array $words): array
    {
        $all = [];
        foreach ($rows as $slug => $row) {
            $all[$slug] = [...$row, 'words' => $words[$slug] ?? throw MissingWords::becauseOf($slug)];
        }

        return $all;
    }

    /** @throws UnknownSign when there is none of that slug */
    public function sign(string $slug): Sign
    {
        return $this->signs[$slug] ?? throw UnknownSign::becauseNotListed($slug, array_keys($this->signs));
    }

    /** @throws UnknownTrouble when there is none of that slug */
    public function trouble(string $slug): Trouble
    {
        return $this->troubles[$slug] ?? throw UnknownTrouble::becauseNotListed($slug, array_keys($this->troubles));
    }

    /**
     * What was seen, with what is known of the last round: a burn shows within three days of one.
     *
     * @param array<string, bool> $seen by sign
     * @param float|null          $days since the last round; null when nobody said
     *
     * @return array<string, bool>
     */
    public function sprayed(array $seen, ?float $days): array
    {
        return $days === null ? $seen : [...$seen, self::AFTER_SPRAY => $days <= TroubleLines::BURN_WITHIN['value']];
    }

    /** @return list<Trouble> those that a case can be opened for */
    public function pests(): array
    {
        return array_values(array_filter($this->troubles, static fn(Trouble $trouble): bool => $trouble->counted !== null));
    }

    /** @return list<string> */
    public function pestSlugs(): array
    {
        return array_map(static fn(Trouble $trouble): string => $trouble->slug, $this->pests());
    }

    /**
     * @param array<string, string> $words
     *
     * @return array<string, float>
     */
    private function shares(array $words): array
    {
        $shares = [];
        foreach ($words as $sign => $word) {
            $shares[$this->sign($sign)->slug] = self::SHARES[$word] ?? throw UnknownSign::becauseNoShare($word, array_keys(self::SHARES));
        }

        return $shares;
    }

    /**
     * @template R of array{source: string}
     * @template T
     *
     * @param array<string, R> $rows
     * @param \Closure(string, R): T $build
     *
     * @return ($rows is non-empty-array ? non-empty-array<string, T> : array<string, T>)
     */
    private static function built(array $rows, SourceCatalogue $sources, \Closure $build): array
    {
        $all = [];
        foreach ($rows as $slug => $row) {
            $sources->get($row['source']);
            $all[$slug] = $build($slug, $row);
        }

        return $all;
    }
}
