<?php

declare(strict_types=1);

namespace App\Records\Log;

use DateTimeImmutable;
use IdleMixer\Core\Document\CsvText;
use IdleMixer\Core\Document\InvalidDocument;
use IdleMixer\Core\Words\Say;

/** Takes in a table of looks and sprayings row by row, so that its length does not matter. Call it inside a transaction. */
final class CsvReader
{
    private const LONGEST_LINE = 100_000;

    private const TOGETHER = 500;

    private const MARK = "\xEF\xBB\xBF";

    public function __construct(private readonly CsvRows $rows) {}

    /**
     * @param resource $file
     *
     * @throws InvalidDocument when it has no head that can be read
     */
    public function take($file, DateTimeImmutable $now): CsvReport
    {
        $report = new CsvReport();
        $first = (string) fgets($file, self::LONGEST_LINE);
        $first = str_starts_with($first, self::MARK) ? substr($first, strlen(self::MARK)) : $first;
        $by = substr_count($first, ';') > substr_count($first, ',') ? ';' : (substr_count($first, "\t") > substr_count($first, ',') ? "\t" : ',');
        $head = self::head(str_getcsv(rtrim($first, "\r\n"), $by, '"', ''));
        $this->rows->begin($report, $now);
        $line = 1;
        while (($cells = fgetcsv($file, self::LONGEST_LINE, $by, '"', '')) !== false) {
            ++$line;
            if ($cells === [null] || $cells === ['']) {
                continue;
            }
            ++$report->rows;
            $row = $this->cells($head, $cells, $line, $report);
            if ($row !== null) {
                $this->rows->add($row, $line);
            }
            if ($report->rows % self::TOGETHER === 0) {
                $this->rows->flush();
            }
        }
        $this->rows->flush();
        usort($report->faults, static fn(CsvFault $a, CsvFault $b): int => $a->line <=> $b->line);

        return $report;
    }

    /**
     * @param list<string|null> $cells
     *
     * @return list<string>
     *
     * @throws InvalidDocument when a column is unknown, doubled or missing
     */
    private static function head(array $cells): array
    {
        $names = array_map(static fn(?string $cell): string => strtolower(trim((string) $cell)), $cells);
        foreach ($names as $i => $name) {
            if (! in_array($name, CsvColumns::ALL, true)) {
                throw InvalidDocument::because('/1/' . ($i + 1), Say::it('log/csv-reader.there-no-column-there-are', ['all' => implode(', ', CsvColumns::ALL)]), mb_scrub($name));
            }
        }
        foreach (CsvColumns::NEEDED as $needed) {
            if (! in_array($needed, $names, true)) {
                throw InvalidDocument::because('/1', Say::it('log/csv-reader.column-missing-in-first-line', ['needed' => $needed, 'needed-2' => implode(', ', CsvColumns::NEEDED)]), null);
            }
        }
        if (count(array_unique($names)) !== count($names)) {
            throw InvalidDocument::because('/1', Say::it('log/csv-reader.column-stands-twice-in-first'), null);
        }

        return $names;
    }

    /**
     * @param list<string>      $head
     * @param list<string|null> $cells
     *
     * @return array<string, string>|null null where it is refused
     */
    private function cells(array $head, array $cells, int $line, CsvReport $report): ?array
    {
        if (count($cells) > count($head)) {
            $report->refuse($line, Say::it('log/csv-reader.has-cells-but-first-line', ['cells' => count($cells), 'head' => count($head)]));

            return null;
        }
        $row = [];
        foreach ($cells as $i => $cell) {
            $text = trim((string) $cell);
            if (! mb_check_encoding($text, 'UTF-8')) {
                $report->refuse($line, Say::it('log/csv-reader.not-utf-8-save-file', ['head' => $head[$i]]));

                return null;
            }
            if ($text !== '') {
                $row[$head[$i]] = CsvText::plain($text);
            }
        }

        return $row;
    }
}
