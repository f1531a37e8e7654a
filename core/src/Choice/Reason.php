<?php

declare(strict_types=1);

namespace IdleMixer\Core\Choice;

use IdleMixer\Core\Safety\Verdict;

/** Something that speaks for or against a spray, as a code with its arguments. */
final readonly class Reason
{
    /** Key of the source, where a published or practised limit decides. */
    public ?string $source;

    /**
     * @param array<string, int|float|string> $args
     * @param string|null                     $source  key of the source, where it is another than that of the finding
     * @param Verdict|null                    $verdict what the bench says, where that is the reason
     */
    public function __construct(public ChoiceFinding $finding, public array $args = [], ?string $source = null, public ?Verdict $verdict = null)
    {
        $this->source = $source ?? $finding->source();
    }

    public static function ofBench(Verdict $verdict): self
    {
        return new self(ChoiceFinding::Bench, [], $verdict->source, $verdict);
    }
}
