<?php

declare(strict_types=1);

namespace IdleMixer\Core\Schedule;

/** What may need doing; in the order in which it is dealt with when due at the same time. */
enum TaskKind: string
{
    case FinishRun = 'finish-run';
    case FinishMixing = 'finish-mixing';
    case ReadLeafTest = 'read-leaf-test';
    case Discard = 'discard';
    case CountAfter = 'count-after';
    case LookOver = 'look-over';
    /** Burnt leaves are looked at again. */
    case LookAtBurn = 'look-at-burn';
    case NextRound = 'next-round';
    case FirstRound = 'first-round';
    /** All plants of a course are looked over. */
    case CourseLook = 'course-look';
    case CourseRound = 'course-round';
    /** What stood apart may stand with the others. */
    case CourseClear = 'course-clear';
    /** Every leaf or plant of a trial is counted. */
    case TrialCount = 'trial-count';
    /** Each is sprayed with its own. */
    case TrialSpray = 'trial-spray';
    /** What came of it is said. */
    case TrialEnd = 'trial-end';

    /** Whether something is sprayed: on one plant, or on many together. */
    public function isSprayed(): bool
    {
        return $this->isRound() || $this === self::CourseRound;
    }

    /**
     * Whether it is still open what to do, and if anything is sprayed at all.
     *
     * @param bool $mixed whether a spray stands mixed for it: then it is decided
     */
    public function isUndecided(bool $mixed): bool
    {
        return $this === self::FirstRound && ! $mixed;
    }

    /** Whether the round of a case is meant. */
    public function isRound(): bool
    {
        return $this === self::FirstRound || $this === self::NextRound;
    }
}
