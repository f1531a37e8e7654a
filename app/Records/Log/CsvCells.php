<?php

declare(strict_types=1);

namespace App\Records\Log;

use App\Declared\Values\Text;
use App\Declared\Values\Word;
use App\Records\MadeId;
use DateTimeImmutable;
use IdleMixer\Core\Bought\BoughtKind;
use IdleMixer\Core\Bought\Holds;
use IdleMixer\Core\Data\BoughtLines;
use IdleMixer\Core\Data\InputLines;
use IdleMixer\Core\Document\InvalidDocument;
use IdleMixer\Core\Document\Node;
use IdleMixer\Core\Evidence\LeafCounts;
use IdleMixer\Core\Evidence\LookPlans;
use IdleMixer\Core\Evidence\LookReader;
use IdleMixer\Core\Trouble\Enemies;
use IdleMixer\Core\Trouble\EnemiesReader;
use IdleMixer\Core\Words\Say;
use stdClass;

/** Reads the cells of a row strictly. */
final readonly class CsvCells
{
    private const FLAGS = ['yes' => true, 'y' => true, 'true' => true, '1' => true, 'no' => false, 'n' => false, 'false' => false, '0' => false];

    private const LONGEST_NOTES = 1_000;

    private const MOST_LITRES = 10_000.0;

    public function __construct(private LookPlans $plans, private Enemies $enemies) {}

    /**
     * @param array<string, string> $row
     *
     * @return array{counted_at: string, value: float, untreated: bool, each: string|null, stages: string|null, new_growth: string|null, helpers: string|null, notes: string}
     *
     * @throws InvalidDocument
     */
    public function look(array $row, DateTimeImmutable $now): array
    {
        $each = isset($row['each']) ? array_map(static fn(string $one): float => self::number($one, 'each', LookReader::MOST), explode(' ', (string) preg_replace('/[\s|]+/', ' ', $row['each']))) : null;
        if ($each !== null && count($each) > InputLines::MOST_SPOTS['value']) {
            throw InvalidDocument::because('each', Say::it('log/csv-cells.each-has-counts-at-most', ['most-spots' => InputLines::MOST_SPOTS['value']]), (string) count($each));
        }
        if ($each === null && ! isset($row['value'])) {
            throw InvalidDocument::because('value', Say::it('log/csv-cells.value-missing-how-many-were'), null);
        }

        return [
            'counted_at' => $this->at($row, 'at', $now)->format('Y-m-d H:i:s'),
            'value' => isset($row['value']) ? self::number($row['value'], 'value', LookReader::MOST) : LeafCounts::of($each ?? [])->on($this->spots($row)),
            'untreated' => self::flag($row, 'untreated') ?? false,
            'each' => $each === null ? null : json_encode($each, \JSON_THROW_ON_ERROR),
            'stages' => isset($row['stages']) ? self::stages($row['stages']) : null,
            'new_growth' => isset($row['new_growth']) ? (new Node($row['new_growth'], 'new_growth'))->word(['clean', 'hit'], Say::it('log/csv-cells.state-of-new-growth')) : null,
            'helpers' => $this->helpers($row),
            'notes' => (new Node($row['notes'] ?? '', 'notes'))->text(self::LONGEST_NOTES),
        ];
    }

    /**
     * @param array<string, string> $row
     *
     * @return array{batch_id: string|null, bought_kind: string|null, bought_name: string|null, bought_holds: string|null, sprayed_at: string, hand_work: bool, rinsed: bool, override: string, litres: float|null, weather: string, notes: string}
     *
     * @throws InvalidDocument
     */
    public function sprayed(array $row, DateTimeImmutable $now): array
    {
        if (! isset($row['batch_id']) && ! isset($row['bought'])) {
            throw InvalidDocument::because('batch_id', Say::it('log/csv-cells.batch-id-missing-which-batch'), null);
        }

        return [
            'batch_id' => isset($row['batch_id']) ? Entry::id(new Node($row['batch_id'], 'batch_id')) : null,
            ...self::bought($row),
            'sprayed_at' => $this->at($row, 'at', $now)->format('Y-m-d H:i:s'),
            'hand_work' => self::flag($row, 'hand_work') ?? false,
            'rinsed' => self::flag($row, 'rinsed') ?? false,
            'override' => (new Node($row['override'] ?? '', 'override'))->text(self::LONGEST_NOTES),
            'litres' => isset($row['litres']) ? self::number($row['litres'], 'litres', self::MOST_LITRES) : null,
            'weather' => '',
            'notes' => (new Node($row['notes'] ?? '', 'notes'))->text(self::LONGEST_NOTES),
        ];
    }

    /**
     * @param array<string, string> $row
     *
     * @return array{bought_kind: string|null, bought_name: string|null, bought_holds: string|null} all null where it was mixed
     *
     * @throws InvalidDocument
     */
    private static function bought(array $row): array
    {
        if (isset($row['batch_id']) || ! isset($row['bought'])) {
            return ['bought_kind' => null, 'bought_name' => null, 'bought_holds' => null];
        }

        return [
            'bought_kind' => Word::of(BoughtKind::class, Say::it('records/rounds.kind-of-bought'))->read(new Node($row['bought'], 'bought')),
            'bought_name' => Text::line(BoughtLines::LONGEST_NAME['value'], 1)->read(new Node($row['spray'] ?? '', 'spray')),
            'bought_holds' => isset($row['holds']) ? Word::of(Holds::class, Say::it('records/rounds.what-it-holds'))->read(new Node($row['holds'], 'holds')) : null,
        ];
    }

    /**
     * A time like 2026-05-03T19:30:00Z, 2026-05-03 19:30 or 2026-05-03; without a zone it is UTC.
     *
     * @param array<string, string> $row
     *
     * @throws InvalidDocument
     */
    public function at(array $row, string $column, DateTimeImmutable $now): DateTimeImmutable
    {
        $text = $row[$column] ?? '';
        $whole = match (1) {
            preg_match('/^\d{4}-\d\d-\d\d$/', $text) => "{$text}T12:00:00Z",
            preg_match('/^\d{4}-\d\d-\d\d \d\d:\d\d(:\d\d)?$/', $text) => str_replace(' ', 'T', $text) . 'Z',
            default => $text,
        };
        try {
            return Entry::at(new Node($whole, ''), $now);
        } catch (InvalidDocument) {
            throw InvalidDocument::because($column, Say::it('log/csv-cells.day-or-time-from-1900', ['column' => $column]), $text);
        }
    }

    /**
     * The identity of a row: its own, or one that the same words give again.
     *
     * @param array<string, string>   $row
     * @param list<scalar|null> $words
     *
     * @throws InvalidDocument when its own is none
     */
    public function id(array $row, array $words): string
    {
        return isset($row['id']) ? Entry::id(new Node($row['id'], 'id')) : self::made($words);
    }

    /** @param list<scalar|null> $words */
    public static function made(array $words): string
    {
        return MadeId::of(implode("\n", array_map(strval(...), $words)));
    }

    /**
     * @param array<string, string> $row
     *
     * @throws InvalidDocument
     */
    private function spots(array $row): int
    {
        $pest = $row['pest'] ?? '';

        return in_array($pest, $this->plans->pests(), true) ? $this->plans->of($pest)->spots : throw InvalidDocument::because('pest', Say::it('log/csv-cells.no-pest-that-counted-here'), $pest);
    }

    /** @throws InvalidDocument */
    private static function number(string $text, string $column, float $most): float
    {
        if (preg_match('/^[1-9]\d{0,2},\d{3}$/', $text) === 1) {
            throw InvalidDocument::because($column, Say::it('log/csv-cells.that-or-write-so', ['column' => $column, 'text' => str_replace(',', '', $text), 'text-2' => str_replace(',', '.', $text)]), $text);
        }
        $number = str_replace(',', '.', $text);

        return is_numeric($number) && (float) $number >= 0.0 && (float) $number <= $most ? (float) $number : throw InvalidDocument::because($column, Say::it('log/csv-cells.number-from-0-to-needed', ['column' => $column, 'most' => (int) $most]), $text);
    }

    /**
     * @param array<string, string> $row
     *
     * @throws InvalidDocument
     */
    private static function flag(array $row, string $column): ?bool
    {
        $text = $row[$column] ?? '';

        return $text === '' ? null : (self::FLAGS[strtolower($text)] ?? throw InvalidDocument::because($column, Say::it('log/csv-cells.yes-or-no-needed', ['column' => $column]), $text));
    }

    /**
     * Natural enemies as their slugs, each with how many where that is known; yes and no where nobody said which.
     *
     * @param array<string, string> $row
     *
     * @throws InvalidDocument
     */
    private function helpers(array $row): ?string
    {
        $text = $row['helpers'] ?? '';
        if ($text === '') {
            return null;
        }
        $said = new stdClass();
        foreach (explode(' ', (string) preg_replace('/\s+/', ' ', $text)) as $one) {
            [$slug, $many] = [...explode(':', $one, 2), null];
            $said->{$slug} = $many !== null && ctype_digit($many) ? (int) $many : $many;
        }
        try {
            return json_encode((object) EnemiesReader::ofCount(new Node(self::FLAGS[strtolower($text)] ?? $said, 'helpers'), $this->enemies), \JSON_THROW_ON_ERROR);
        } catch (InvalidDocument) {
            throw InvalidDocument::because('helpers', Say::it('log/csv-cells.helpers-are', ['known' => implode(', ', $this->enemies->slugs())]), $text);
        }
    }

    /** @throws InvalidDocument */
    private static function stages(string $text): string
    {
        $all = [];
        foreach (explode(' ', (string) preg_replace('/\s+/', ' ', $text)) as $one) {
            [$stage, $value] = [...explode(':', $one, 2), ''];
            if (preg_match('/^[a-z-]{1,30}$/', $stage) !== 1) {
                throw InvalidDocument::because('stages', Say::it('log/csv-cells.stages-names-with-counts-are'), $text);
            }
            $all[$stage] = self::number($value, 'stages', LookReader::MOST);
        }

        return json_encode($all, \JSON_THROW_ON_ERROR);
    }
}
