<?php

declare(strict_types=1);

namespace App\Records\Log;

/** What became of the rows of a table. */
final class CsvReport
{
    /** Faults that are listed; the others are counted. */
    private const LISTED = 200;

    public int $rows = 0;

    public int $new = 0;

    public int $known = 0;

    public int $bad = 0;

    public int $plants = 0;

    public int $cases = 0;

    /** @var list<CsvFault> */
    public array $faults = [];

    public function refuse(int $line, string $reason): void
    {
        ++$this->bad;
        if (count($this->faults) < self::LISTED) {
            $this->faults[] = new CsvFault($line, $reason);
        }
    }
}
