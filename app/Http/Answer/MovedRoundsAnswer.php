<?php

declare(strict_types=1);

namespace App\Http\Answer;

/** What would come of rounds on other days. */
final readonly class MovedRoundsAnswer
{
    /** @param list<OutlookAnswer> $moved with one of them on each day that it may be moved to, earliest first; none where none is named */
    public function __construct(
        public OutlookAnswer $asAsked,
        public array $moved,
        /** Without that one; null where none is named. */
        public ?OutlookAnswer $without,
        /** With one more, as soon after the last as may be; null where no more may be. */
        public ?OutlookAnswer $more,
    ) {}
}
