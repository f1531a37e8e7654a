<?php

declare(strict_types=1);

namespace App\Http\Answer;

/** What to do about the trouble of a case. */
final readonly class ChoiceAnswer
{
    /**
     * @param list<HelpAnswer>     $beside   what is got or bought
     * @param list<ProposedAnswer> $proposed three at most, best first
     * @param list<OtherAnswer>    $others   that fit as well
     * @param list<ExcludedAnswer> $excluded
     * @param list<EnemyAnswer>    $enemies  to be looked for
     */
    public function __construct(
        public WhetherAnswer $whether,
        public string $matters,
        /** Why no spray is proposed; null where one is. */
        public ?string $nothing,
        public array $beside,
        public array $proposed,
        public ?MissingSprayAnswer $missing,
        public array $others,
        public array $excluded,
        public array $enemies,
    ) {}
}
