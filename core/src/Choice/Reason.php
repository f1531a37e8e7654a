<?php

declare(strict_types=1);

namespace IdleMixer\Core\Choice;

use IdleMixer\Core\Safety\Verdict;

/** Something that speaks for or against a spray, as a code with its arguments. */
final readonly class Reason
{
    /** @param array<string, int|float|string> $args */
    public function __construct(
        public ChoiceFinding $finding,
        public array $args = [],
        /** Key of the source, where a published or practised limit decides. */
        public ?string $source = null,
        /** What the bench says, where that is the reason. */
        public ?Verdict $verdict = null,
    ) {}

    public static function ofBench(Verdict $verdict): self
    {
        return new self(ChoiceFinding::Bench, [], $verdict->source, $verdict);
    }
}
