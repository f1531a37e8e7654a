<?php

declare(strict_types=1);

namespace IdleMixer\Core\Document;

/** Cells of a CSV file (RFC 4180), with text that a spreadsheet would take for a formula made harmless, and read back as it was. */
final class CsvText
{
    /** What makes a formula of a cell; programs take the full-width signs of East Asian keyboards for the same. */
    private const BEGINS_FORMULA = '/\A[=+\-@\t\r\x{FF1D}\x{FF0B}\x{FF0D}\x{FF20}]/u';

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
        return $cell !== '' && $cell[0] === "'" && preg_match(self::BEGINS_FORMULA, ltrim($cell, "'")) !== 0;
    }

    private static function cell(?string $cell): string
    {
        if ($cell === null || $cell === '') {
            return '';
        }
        $safe = preg_match(self::BEGINS_FORMULA, ltrim($cell, "'")) !== 0 && ! is_numeric($cell) ? "'{$cell}" : $cell;

        return strpbrk($safe, ",\"\r\n;") === false && trim($safe) === $safe ? $safe : '"' . str_replace('"', '""', $safe) . '"';
    }
}
