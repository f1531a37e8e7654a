<?php

declare(strict_types=1);

namespace App\Records\Log;

use IdleMixer\Core\Document\InvalidDocument;
use IdleMixer\Core\Words\Say;

/** What became of the rows of a table. */
final class CsvReport
{
    /** Faults that are listed; the others are counted. */
    private const LISTED = 200;

    /** So many bad rows are no slips of the hand, where they are most of all: ours. */
    private const MOST_BAD = 1_000;

    private const BAD_SHARE = 0.5;

    public int $rows = 0;

    public int $new = 0;

    public int $known = 0;

    public int $bad = 0;

    public int $plants = 0;

    public int $cases = 0;

    /** @var list<CsvFault> */
    public array $faults = [];

    /** @throws InvalidDocument when most of what was read so far is bad: then it is another table */
    public function refuse(int $line, string $reason): void
    {
        ++$this->bad;
        if ($this->bad > self::MOST_BAD && $this->bad > $this->rows * self::BAD_SHARE) {
            throw InvalidDocument::because("/{$line}", Say::it('log/csv-report.another-table', ['bad' => $this->bad, 'rows' => $this->rows, 'reason' => $this->faults[0]->reason ?? $reason]), null);
        }
        if (count($this->faults) < self::LISTED) {
            $this->faults[] = new CsvFault($line, $reason);
        }
    }
}
