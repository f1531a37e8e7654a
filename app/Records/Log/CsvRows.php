<?php

declare(strict_types=1);

namespace App\Records\Log;

use App\Models\Batch;
use App\Models\Count;
use App\Models\Round;
use App\Models\Stale;
use DateTimeImmutable;
use IdleMixer\Core\Data\EvidenceLines;
use IdleMixer\Core\Document\InvalidDocument;

/** Keeps rows of a table, several at a time. */
final class CsvRows
{
    /** @var array<string, array<string, mixed>> by identity */
    private array $looks = [];

    /** @var array<string, array{array<string, mixed>, int}> by identity, with the line */
    private array $rounds = [];

    /** @var array<int, int> looks by case */
    private array $held = [];

    private CsvReport $report;

    private DateTimeImmutable $now;

    public function __construct(private readonly CsvCases $cases, private readonly CsvCells $cells) {}

    public function begin(CsvReport $report, DateTimeImmutable $now): void
    {
        $this->report = $report;
        $this->now = $now;
        $this->cases->begin($report, $now);
        $this->looks = [];
        $this->rounds = [];
        $this->held = [];
    }

    /** @param array<string, string> $row by column; what is empty is left out */
    public function add(array $row, int $line): void
    {
        try {
            $what = $row['what'] ?? CsvColumns::LOOK;
            match ($what) {
                CsvColumns::LOOK => $this->look($row),
                CsvColumns::SPRAYED => $this->sprayed($row, $line),
                default => throw InvalidDocument::because('what', 'what is {found}; it can be ' . CsvColumns::LOOK . ' or ' . CsvColumns::SPRAYED . '.', $what),
            };
        } catch (InvalidDocument $e) {
            $this->report->refuse($line, $e->getMessage());
        }
    }

    public function flush(): void
    {
        $this->keep(Count::class, array_map(static fn(array $row): array => $row, $this->looks));
        foreach ($this->rounds as $id => [$row, $line]) {
            $batch = Batch::query()->where('submission', $row['batch_id'])->first();
            if ($batch === null) {
                $this->report->refuse($line, 'Its batch is not in this notebook: batches travel in the JSON document, read that first.');
                unset($this->rounds[$id]);
            } else {
                $this->rounds[$id][0]['batch_id'] = $batch->id;
            }
        }
        $this->keep(Round::class, array_map(static fn(array $row): array => $row[0], $this->rounds));
        $this->looks = [];
        $this->rounds = [];
    }

    /**
     * @param array<string, string> $row
     *
     * @throws InvalidDocument
     */
    private function look(array $row): void
    {
        $columns = $this->cells->look($row, $this->now);
        $case = $this->cases->of($row);
        $id = $this->cells->id($row, [$case['key'], $columns['counted_at'], $columns['value'], $columns['untreated'], $columns['each'], $columns['notes']]);
        if (isset($this->looks[$id])) {
            ++$this->report->known;

            return;
        }
        $this->held[$case['id']] = ($this->held[$case['id']] ?? Count::query()->where('case_id', $case['id'])->count()) + 1;
        if ($this->held[$case['id']] > EvidenceLines::MOST_LOOKS['value']) {
            throw InvalidDocument::because('', 'Its case holds ' . EvidenceLines::MOST_LOOKS['value'] . ' looks already; more are not kept in one.', null);
        }
        $this->looks[$id] = ['submission' => $id, 'version' => 1, 'case_id' => $case['id'], ...$columns];
    }

    /**
     * @param array<string, string> $row
     *
     * @throws InvalidDocument
     */
    private function sprayed(array $row, int $line): void
    {
        $columns = $this->cells->sprayed($row, $this->now);
        $case = $this->cases->of($row);
        $id = $this->cells->id($row, [$case['key'], $columns['sprayed_at'], $columns['batch_id']]);
        $this->rounds[$id] = [['submission' => $id, 'version' => 1, 'case_id' => $case['id'], ...$columns], $line];
    }

    /**
     * @param class-string<Count|Round>           $kind
     * @param array<string, array<string, mixed>> $rows by identity
     */
    private function keep(string $kind, array $rows): void
    {
        $here = $rows === [] ? [] : $kind::query()->withoutGlobalScopes()->whereIn('submission', array_keys($rows))->pluck('submission')->all();
        $this->report->known += count($here);
        $new = array_diff_key($rows, array_flip(array_filter($here, is_string(...))));
        $this->report->new += count($new);
        if ($new !== []) {
            $kind::query()->insert(array_values($new));
            foreach (array_filter(array_column($new, 'case_id', 'case_id'), is_int(...)) as $case) {
                Stale::case($case);
            }
        }
    }
}
