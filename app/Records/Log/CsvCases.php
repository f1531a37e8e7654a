<?php

declare(strict_types=1);

namespace App\Records\Log;

use App\Models\PestCase;
use App\Models\Plant;
use DateTimeImmutable;
use IdleMixer\Core\Document\InvalidDocument;
use IdleMixer\Core\Document\Node;
use IdleMixer\Core\Plant\ToleranceCatalogue;
use IdleMixer\Core\Trouble\TroubleCatalogue;
use IdleMixer\Core\Words\Say;

/** Finds the case that a row belongs to, and opens it where there is none. */
final class CsvCases
{
    private const LEAF = 'ordinary-leaf';

    private const LONGEST = 200;

    /** @var array<string, array{id: int, key: string}> by what the rows say */
    private array $known = [];

    private CsvReport $report;

    private DateTimeImmutable $now;

    public function __construct(private readonly TroubleCatalogue $troubles, private readonly ToleranceCatalogue $tolerance, private readonly CsvCells $cells) {}

    public function begin(CsvReport $report, DateTimeImmutable $now): void
    {
        $this->report = $report;
        $this->now = $now;
        $this->known = [];
    }

    /**
     * @param array<string, string> $row
     *
     * @return array{id: int, key: string}
     *
     * @throws InvalidDocument when it cannot be told which case it is
     */
    public function of(array $row): array
    {
        $said = implode("\n", [$row['case_id'] ?? '', $row['plant'] ?? '', $row['place'] ?? '', $row['pest'] ?? '', isset($row['case_id']) ? '' : $row['opened_at'] ?? '']);

        return $this->known[$said] ??= $this->find($row);
    }

    /**
     * @param array<string, string> $row
     *
     * @return array{id: int, key: string}
     *
     * @throws InvalidDocument
     */
    private function find(array $row): array
    {
        $pest = (new Node($row['pest'] ?? '', 'pest'))->word($this->troubles->pestSlugs(), 'pest');
        $key = isset($row['case_id']) ? Entry::id(new Node($row['case_id'], 'case_id')) : null;
        $case = $key === null ? null : PestCase::query()->where('submission', $key)->first();
        if ($case === null) {
            $plant = $this->plant($row);
            $same = PestCase::query()->where('plant_id', $plant->id)->where('pest', $pest);
            $opened = isset($row['opened_at']) ? $this->cells->at($row, 'opened_at', $this->now) : null;
            $case = $key === null ? ($opened === null ? $same->orderByDesc('opened_at') : $same->where('opened_at', $opened->format('Y-m-d H:i:s')))->first() : null;
            if (! $case instanceof PestCase) {
                $opened ??= $this->cells->at($row, 'at', $this->now);
                $case = PestCase::query()->create([
                    'submission' => $key ?? CsvCells::made(['case', $plant->name, $plant->place, $pest, $opened->format('c')]),
                    'plant_id' => $plant->id,
                    'pest' => $pest,
                    'opened_at' => $opened,
                    'closed_at' => isset($row['closed_at']) ? $this->cells->at($row, 'closed_at', $this->now) : null,
                    'conclusion' => '',
                    'notes' => '',
                ]);
                ++$this->report->cases;
            }
        }
        $submission = $case->getAttribute('submission');

        return ['id' => $case->id, 'key' => is_string($submission) ? $submission : ''];
    }

    /**
     * @param array<string, string> $row
     *
     * @throws InvalidDocument
     */
    private function plant(array $row): Plant
    {
        $name = (new Node($row['plant'] ?? '', 'plant'))->line(self::LONGEST, 1);
        $place = (new Node($row['place'] ?? '', 'place'))->line(self::LONGEST);
        $found = Plant::query()->where('name', $name);
        if (isset($row['place'])) {
            $found->where('place', $place);
        }
        $plant = $found->first();
        if ($plant !== null) {
            return $plant;
        }
        ++$this->report->plants;

        return Plant::query()->create([
            'submission' => CsvCells::made(['plant', $name, $place]),
            'name' => $name,
            'kind' => '',
            'tolerance' => (new Node($row['leaf_kind'] ?? self::LEAF, 'leaf_kind'))->word($this->tolerance->slugs(), Say::it('log/csv-cases.kind-of-leaf')),
            'place' => $place,
            'notes' => '',
        ]);
    }
}
