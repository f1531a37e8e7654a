<?php

declare(strict_types=1);

namespace IdleMixer\Core\Emulsion;

use IdleMixer\Core\Data\EmulsionLines;
use IdleMixer\Core\Work\StandTest;

/** What to do after a glass stood. */
final readonly class StandAdvice
{
    /** Failures after which a mix is given up: our own line. */
    public const GIVE_UP_AT = EmulsionLines::GIVE_UP_AT['value'];

    /** Of what is needed, what is added at least when the sums say that it should have held: our own choice. */
    private const A_LITTLE = EmulsionLines::A_LITTLE['value'];

    private function __construct(
        /** Key of `core/words/en/stands.php`. */
        public string $code,
        /** mL of emulsifier to add; 0 where none helps. */
        public float $add,
    ) {}

    /** @param int $failures stand tests of this batch that showed oil or scum, this one among them */
    public static function of(StandTest $result, int $failures, SoapBudget $budget): self
    {
        $add = $budget->missing(self::A_LITTLE * $budget->needed);

        return match (true) {
            $result === StandTest::NotDone => new self('not-done', 0.0),
            $result === StandTest::Even => new self('even', 0.0),
            $failures >= self::GIVE_UP_AT => new self('give-up', 0.0),
            $result === StandTest::Scum => new self('change-water', 0.0),
            $result === StandTest::Layer => new self('more-soap-whip', $add),
            default => new self('more-soap', $add),
        };
    }
}
