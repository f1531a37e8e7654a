<?php

declare(strict_types=1);

namespace IdleMixer\Core\Row;

use DateTimeImmutable;
use IdleMixer\Core\Schedule\TaskKind;

/** Something that a plant asks for. */
final readonly class ActAhead
{
    /**
     * @param int  $ref   id of what it is about; with the kind its identity
     * @param bool $mixed whether what is sprayed stands mixed: then it is decided that it is
     */
    public function __construct(public DateTimeImmutable $at, public TaskKind $kind, public int $ref, private bool $mixed = false) {}

    /** Whether it is still open what to do about it, and if anything is sprayed at all. */
    public function isUndecided(): bool
    {
        return $this->kind->isUndecided($this->mixed);
    }
}
