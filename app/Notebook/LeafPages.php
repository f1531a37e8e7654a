<?php

declare(strict_types=1);

namespace App\Notebook;

use IdleMixer\Core\Words\Say;

/**
 * Finds the pages of a file that hold rows of a table, without the pages above them that say so.
 *
 * How pages, cells and records are laid out: https://www.sqlite.org/fileformat.html, sections 1.5, 1.6 and 2.1
 */
final readonly class LeafPages
{
    private const LEAF_OF_TABLE = 0x0D;

    private const ABOVE_LEAVES = 0x05;

    private function __construct(private string $file, private int $size, private int $pages) {}

    public static function in(string $path): self
    {
        $file = (string) file_get_contents($path);
        $size = self::number(substr($file, 16, 2));

        $size = $size === 1 ? 65_536 : max($size, 512);

        return new self($file, $size, intdiv(strlen($file), $size));
    }

    /**
     * @param list<string> $types  what the columns hold, as SQLite types them: the first is the row's own number
     * @param list<int>    $others the pages at which other tables begin: what they reach is theirs, however well it fits
     *
     * @return list<int> numbers of pages whose rows all fit, from 1
     */
    public function fitting(array $types, array $others): array
    {
        $not = $this->free() + $this->reached($others);
        $found = [];
        for ($page = 2; $page <= $this->pages; ++$page) {
            if (! isset($not[$page]) && $this->fits($page, $types)) {
                $found[] = $page;
            }
        }

        return $found;
    }

    /** @param list<string> $types */
    private function fits(int $page, array $types): bool
    {
        $text = substr($this->file, ($page - 1) * $this->size, $this->size);
        $cells = self::number(substr($text, 3, 2));
        if (ord($text[0]) !== self::LEAF_OF_TABLE || $cells === 0 || $cells > intdiv($this->size, 4)) {
            return false;
        }
        for ($i = 0; $i < $cells; ++$i) {
            $at = self::number(substr($text, 8 + 2 * $i, 2));
            if ($at < 8 + 2 * $cells || $at >= $this->size || ! $this->isRow(substr($text, $at), $types)) {
                return false;
            }
        }

        return true;
    }

    /** @param list<string> $types */
    private function isRow(string $cell, array $types): bool
    {
        $at = 0;
        self::varint($cell, $at);
        self::varint($cell, $at);
        $begin = $at;
        $header = self::varint($cell, $at);
        $end = $begin + $header;
        $n = 0;
        while ($at < $end && $at < strlen($cell)) {
            if (! isset($types[$n]) || ! self::holds($types[$n], self::varint($cell, $at), $n === 0)) {
                return false;
            }
            ++$n;
        }

        // Columns that were added later are missing in rows that were written before.
        return $at === $end && $n >= 2;
    }

    private static function holds(string $type, int $serial, bool $own): bool
    {
        $whole = ($serial >= 1 && $serial <= 6) || $serial === 8 || $serial === 9;

        return match (true) {
            $serial === 0 => $own || ! str_ends_with($type, Say::it('notebook/leaf-pages.not-null')),
            str_starts_with($type, 'integer') || str_starts_with($type, 'tinyint') => $whole,
            str_starts_with($type, 'double') => $whole || $serial === 7,
            default => $serial >= 13 && $serial % 2 === 1,
        };
    }

    /** @return array<int, true> pages that hold nothing any more */
    private function free(): array
    {
        $free = [];
        $trunk = self::number(substr($this->file, 32, 4));
        while ($trunk > 1 && $trunk <= $this->pages && ! isset($free[$trunk])) {
            $free[$trunk] = true;
            $text = substr($this->file, ($trunk - 1) * $this->size, $this->size);
            $many = min(self::number(substr($text, 4, 4)), intdiv($this->size, 4) - 2);
            for ($i = 0; $i < $many; ++$i) {
                $free[self::number(substr($text, 8 + 4 * $i, 4))] = true;
            }
            $trunk = self::number(substr($text, 0, 4));
        }

        return $free;
    }

    /**
     * @param list<int> $from
     *
     * @return array<int, true> those, and the pages below them
     */
    private function reached(array $from): array
    {
        $reached = [];
        while (($page = array_pop($from)) !== null) {
            if ($page < 1 || $page > $this->pages || isset($reached[$page])) {
                continue;
            }
            $reached[$page] = true;
            $text = substr($this->file, ($page - 1) * $this->size, $this->size);
            if (ord($text[0]) === self::ABOVE_LEAVES) {
                $from[] = self::number(substr($text, 8, 4));
                $cells = min(self::number(substr($text, 3, 2)), intdiv($this->size, 6));
                for ($i = 0; $i < $cells; ++$i) {
                    $from[] = self::number(substr($text, self::number(substr($text, 12 + 2 * $i, 2)), 4));
                }
            }
        }

        return $reached;
    }

    private static function number(string $bytes): int
    {
        return (int) hexdec(bin2hex($bytes));
    }

    private static function varint(string $text, int &$at): int
    {
        $value = 0;
        for ($i = 0; $i < 9 && $at < strlen($text); ++$i) {
            $byte = ord($text[$at++]);
            $value = $i === 8 ? ($value << 8) | $byte : ($value << 7) | ($byte & 0x7F);
            if ($byte < 0x80) {
                break;
            }
        }

        return $value;
    }
}
