<?php

declare(strict_types=1);

namespace IdleMixer\Core\Row;

use DateTimeImmutable;
use IdleMixer\Core\Schedule\TaskKind;

/** Something that a plant asks for. */
final readonly class ActAhead
{
    /** @param int $ref id of what it is about; with the kind its identity */
    public function __construct(public DateTimeImmutable $at, public TaskKind $kind, public int $ref) {}
}
