<?php

declare(strict_types=1);

namespace IdleMixer\Core\Course;

/** What was recorded on a day of a course. */
enum RecordKind: string
{
    /** What a document may tell of. */
    public const TOLD = [self::Round, self::Count, self::Look, self::Test, self::Burn, self::Rain];

    case Round = 'round';
    case Count = 'count';
    case Look = 'look';
    case Test = 'test';
    case Burn = 'burn';
    case Rain = 'rain';
    /** Something ready made was sprayed or dusted. */
    case Bought = 'bought';
    /** Insects that eat the pest were set out. */
    case SetOut = 'set-out';
}
