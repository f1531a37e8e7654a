<?php

declare(strict_types=1);

namespace App\Notebook;

/**
 * A new list of tables for a file whose own cannot be read: its first page is replaced, and what the list needs besides is put
 * behind the last page, so that nothing that is there is written over.
 *
 * How pages and their numbers are laid out: https://www.sqlite.org/fileformat.html, sections 1.3 and 1.6
 */
final readonly class NewFront
{
    private const HEADER = 100;

    private const ABOVE_LEAVES = 0x05;

    public function __construct(private Layout $layout) {}

    /**
     * @param string $file    the damaged one, as it is
     * @param string $scratch a path that is free
     *
     * @return string the file with a front that can be read
     */
    public function over(string $file, string $scratch): string
    {
        $size = $this->layout->page;
        $pages = max(1, (int) ceil(strlen($file) / $size));
        $file = str_pad($file, $pages * $size, "\0") . self::bare($size);
        ++$pages;
        $front = $this->front($scratch, $pages);
        $more = intdiv(strlen($front), $size) - 1;
        // What was page 2 of the new list is the first behind the last page there was.
        $first = self::renumbered(substr($front, 0, $size), $pages - 1, self::HEADER);
        // Size in pages, and an empty list of free ones.
        $first = substr_replace($first, pack('N', $pages + $more) . pack('N', 0) . pack('N', 0), 28, 12);
        $first = substr_replace($first, substr($first, 24, 4), 92, 4);
        $rest = '';
        for ($page = 1; $page <= $more; ++$page) {
            $rest .= self::renumbered(substr($front, $page * $size, $size), $pages - 1, 0);
        }

        return substr_replace($file, $first, 0, $size) . $rest;
    }

    /** A page of a table in which nothing stands. */
    private static function bare(int $size): string
    {
        return str_pad("\x0D\0\0\0\0" . pack('n', $size) . "\0", $size, "\0");
    }

    /**
     * An empty file with this list of tables.
     *
     * @param int $bare the page at which those begin that begin nowhere
     */
    private function front(string $scratch, int $bare): string
    {
        Files::remove($scratch);
        $pdo = Sqlite::open($scratch);
        $pdo->exec("pragma page_size = {$this->layout->page}");
        $pdo->exec('pragma application_id = ' . Edition::APPLICATION);
        $pdo->exec("pragma user_version = {$this->layout->version}");
        $pdo->exec('pragma writable_schema = on');
        $put = $pdo->prepare("insert into sqlite_master (type, name, tbl_name, rootpage, sql) values (?, ?, ?, ?, nullif(?, ''))");
        $pdo->beginTransaction();
        foreach ($this->layout->rows as $row) {
            $put->execute(array_values($row['rootpage'] === Layout::NOWHERE ? [...$row, 'rootpage' => $bare] : $row));
        }
        $pdo->commit();
        unset($put, $pdo);
        $front = (string) file_get_contents($scratch);
        Files::remove($scratch);

        return $front;
    }

    /** Pages above others name them by their numbers. */
    private static function renumbered(string $page, int $by, int $at): string
    {
        if (ord($page[$at]) !== self::ABOVE_LEAVES) {
            return $page;
        }
        $places = [$at + 8];
        for ($i = 0, $cells = self::number(substr($page, $at + 3, 2)); $i < $cells; ++$i) {
            $places[] = self::number(substr($page, $at + 12 + 2 * $i, 2));
        }
        foreach ($places as $place) {
            $page = substr_replace($page, pack('N', self::number(substr($page, $place, 4)) + $by), $place, 4);
        }

        return $page;
    }

    private static function number(string $bytes): int
    {
        return (int) hexdec(bin2hex($bytes));
    }
}
