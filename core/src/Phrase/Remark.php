<?php

declare(strict_types=1);

namespace IdleMixer\Core\Phrase;

/** Something that was taken for granted in a line, and is said back. */
final readonly class Remark
{
    /**
     * @param string                $code key of the sentence `assumed-…` in `core/words/en/remarks.php`
     * @param array<string, string> $args
     */
    public function __construct(public string $code, public array $args = []) {}
}
