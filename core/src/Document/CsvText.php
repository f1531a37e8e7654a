<?php

declare(strict_types=1);

namespace IdleMixer\Core\Document;

/** Cells of a CSV file (RFC 4180), with text that a spreadsheet would take for a formula made harmless, and read back as it was. */
final class CsvText
{
    /** What makes a formula of a cell. */
    private const BEGINS_FORMULA = "=+-@\t\r";

    /** @param list<string|null> $cells */
    public static function row(array $cells): string
    {
        return implode(',', array_map(self::cell(...), $cells)) . "\r\n";
    }

    /** A cell of a file as it was before it was made harmless. */
    public static function plain(string $cell): string
    {
        return self::isQuoted($cell) ? substr($cell, 1) : $cell;
    }

    /** Whether it was written by {@see row}, with a sign before it that takes the formula away. */
    private static function isQuoted(string $cell): bool
    {
        $rest = ltrim($cell, "'");

        return $cell !== '' && $cell[0] === "'" && $rest !== '' && strpbrk($rest[0], self::BEGINS_FORMULA) !== false;
    }

    private static function cell(?string $cell): string
    {
        if ($cell === null || $cell === '') {
            return '';
        }
        $bare = ltrim($cell, "'");
        $safe = $bare !== '' && strpbrk($bare[0], self::BEGINS_FORMULA) !== false && ! is_numeric($cell) ? "'{$cell}" : $cell;

        return strpbrk($safe, ",\"\r\n;") === false && trim($safe) === $safe ? $safe : '"' . str_replace('"', '""', $safe) . '"';
    }
}
