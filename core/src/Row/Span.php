<?php

declare(strict_types=1);

namespace IdleMixer\Core\Row;

use DateTimeImmutable;
use IdleMixer\Core\Data\RowLines;

/** The time that a row shows: so much before now, so much after it. */
final readonly class Span
{
    private function __construct(public DateTimeImmutable $from, public DateTimeImmutable $now, public DateTimeImmutable $until) {}

    /** The same for every plant of a list, so that their rows can be read below each other. */
    public static function usual(DateTimeImmutable $now): self
    {
        return new self($now->modify('-' . RowLines::BACK['value'] . ' days'), $now, $now->modify('+' . RowLines::AHEAD['value'] . ' days'));
    }

    /**
     * All that was, and all that is laid out.
     *
     * @param DateTimeImmutable|null $first of what was; null where nothing was
     * @param DateTimeImmutable|null $last  of what is laid out; null where nothing is
     */
    public static function whole(DateTimeImmutable $now, ?DateTimeImmutable $first, ?DateTimeImmutable $last): self
    {
        $usual = self::usual($now);
        $most = $now->modify('+' . RowLines::MOST_AHEAD['value'] . ' days');

        return new self(min($usual->from, ($first ?? $now)->modify('-1 day')), $now, min($most, max($usual->until, ($last ?? $now)->modify('+1 day'))));
    }

    public function holds(DateTimeImmutable $at): bool
    {
        return $at >= $this->from && $at <= $this->until;
    }
}
