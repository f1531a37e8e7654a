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
use IdleMixer\Core\Words\Say;

/** Keeps rows of a table, several at a time. */
final class CsvRows
{
    /** @var array<string, array{array{case_id: int, ...<string, mixed>}, int}> by identity, with the line */
    private array $looks = [];

    /** @var array<string, array{array{case_id: int, batch_id: int|string|null, ...<string, mixed>}, int}> by identity, with the line */
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
                CsvColumns::LOOK => $this->look($row, $line),
                CsvColumns::SPRAYED => $this->sprayed($row, $line),
                default => throw InvalidDocument::because('what', Say::it('log/csv-rows.what-can-be-or', ['look' => CsvColumns::LOOK, 'sprayed' => CsvColumns::SPRAYED]), $what),
            };
        } catch (InvalidDocument $e) {
            $this->report->refuse($line, $e->getMessage());
        }
    }

    public function flush(): void
    {
        $this->keep(Count::class, $this->looks);
        foreach ($this->rounds as $id => [$row, $line]) {
            if ($row['batch_id'] === null) {
                continue;
            }
            $batch = Batch::query()->where('submission', $row['batch_id'])->first();
            if ($batch === null) {
                $this->report->refuse($line, Say::it('log/csv-rows.its-batch-not-in-this'));
                unset($this->rounds[$id]);
            } else {
                $this->rounds[$id][0]['batch_id'] = $batch->id;
            }
        }
        $this->keep(Round::class, $this->rounds);
        $this->looks = [];
        $this->rounds = [];
    }

    /**
     * @param array<string, string> $row
     *
     * @throws InvalidDocument
     */
    private function look(array $row, int $line): void
    {
        $columns = $this->cells->look($row, $this->now);
        $case = $this->cases->of($row);
        $id = $this->cells->id($row, [$case['key'], $columns['counted_at'], $columns['value'], $columns['untreated'], $columns['each'], $columns['notes']]);
        if (isset($this->looks[$id])) {
            ++$this->report->known;

            return;
        }
        $this->looks[$id] = [['submission' => $id, 'version' => 1, 'case_id' => $case['id'], ...$columns], $line];
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
        $id = $this->cells->id($row, [$case['key'], $columns['sprayed_at'], $columns['batch_id'] ?? $columns['bought_name']]);
        $this->rounds[$id] = [['submission' => $id, 'version' => 1, 'case_id' => $case['id'], ...$columns], $line];
    }

    /**
     * @param class-string<Count|Round>                                                  $kind
     * @param array<string, array{array{case_id: int, ...<string, mixed>}, int}> $rows by identity, with the line
     */
    private function keep(string $kind, array $rows): void
    {
        $here = $rows === [] ? [] : $kind::query()->withoutGlobalScopes()->whereIn('submission', array_keys($rows))->pluck('submission')->all();
        $this->report->known += count($here);
        $new = array_diff_key($rows, array_flip(array_filter($here, is_string(...))));
        $new = array_map(static fn(array $row): array => $row[0], $kind === Count::class ? array_filter($new, $this->hasRoom(...)) : $new);
        $this->report->new += count($new);
        if ($new !== []) {
            $kind::query()->insert(array_values($new));
            foreach (array_filter(array_column($new, 'case_id', 'case_id'), is_int(...)) as $case) {
                Stale::case($case);
            }
        }
    }

    /** @param array{array{case_id: int, ...<string, mixed>}, int} $look with the line; its case counts it where it has room */
    private function hasRoom(array $look): bool
    {
        [['case_id' => $case], $line] = $look;
        $this->held[$case] ??= Count::query()->where('case_id', $case)->count();
        if ($this->held[$case] >= EvidenceLines::MOST_LOOKS['value']) {
            $this->report->refuse($line, Say::it('log/csv-rows.its-case-holds-looks-already', ['most-looks' => EvidenceLines::MOST_LOOKS['value']]));

            return false;
        }
        ++$this->held[$case];

        return true;
    }
}
