<?php

declare(strict_types=1);

namespace App\Http;

use IdleMixer\Core\Document\InvalidDocument;
use IdleMixer\Core\Words\Say;
use Illuminate\Http\Request;

/** Which part of a long list is asked for: `from` rows are left out before it. */
final readonly class Paging
{
    /** Nobody turns so many pages. */
    private const LAST = 1_000_000;

    private function __construct(public int $from, public int $rows) {}

    /** @throws InvalidDocument when `from` is no number of rows */
    public static function of(Request $request, int $rows): self
    {
        $from = $request->query('from', '0');
        if (! is_string($from) || preg_match('/^\d{1,7}$/', $from) !== 1 || (int) $from > self::LAST) {
            throw InvalidDocument::because('/from', Say::it('calls/paging.no-place-in-list-how', ['last' => self::LAST]), is_string($from) ? $from : null);
        }

        return new self((int) $from, $rows);
    }
}
