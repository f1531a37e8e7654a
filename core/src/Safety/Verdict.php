<?php

declare(strict_types=1);

namespace IdleMixer\Core\Safety;

/** A finding as a code with its arguments; the sentence is put together elsewhere. */
final readonly class Verdict
{
    /**
     * @param string                          $wording key of the sentence in `core/data/verdict-words.php`
     * @param array<string, int|float|string> $args
     */
    public function __construct(
        public string $code,
        public Level $level,
        public string $wording,
        public array $args,
        /** Key of the source of the limit, null where no limit was used. */
        public ?string $source,
    ) {}

    public function about(): About
    {
        return About::of($this->code);
    }
}
