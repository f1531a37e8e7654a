<?php

declare(strict_types=1);

namespace IdleMixer\Core\Phrase;

/** A line that is not taken, and why. */
final readonly class Refusal
{
    /**
     * @param string                $code key of the sentence in `core/words/en/remarks.php`
     * @param array<string, string> $args
     */
    public function __construct(public string $code, public array $args = []) {}
}
