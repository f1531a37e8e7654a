<?php

declare(strict_types=1);

namespace IdleMixer\Core\Document;

use IdleMixer\Core\Data\InputLines;
use IdleMixer\Core\Failure;
use IdleMixer\Core\Words\Say;

/** A document that cannot be read: says where and what would be right. */
final class InvalidDocument extends \InvalidArgumentException implements Failure
{
    private function __construct(
        private readonly string $path,
        string $message,
        public readonly string $found,
    ) {
        parent::__construct($message);
    }

    /** @param string $reason a sentence; `{found}` in it is replaced by a short rendering of the value */
    public static function because(string $path, string $reason, mixed $found): self
    {
        $shown = self::show($found);

        return new self($path, str_replace('{found}', $shown, $reason), $shown);
    }

    /** The same fault of a document that stands in another, at that path. */
    public function under(string $path): self
    {
        return new self($path . $this->path, $this->getMessage(), $this->found);
    }

    public function path(): string
    {
        return $this->path;
    }

    private static function show(mixed $value): string
    {
        if (is_string($value)) {
            $short = mb_substr(mb_scrub($value), 0, InputLines::LONGEST_ECHO['value']);

            return '“' . $short . (mb_strlen($value) > InputLines::LONGEST_ECHO['value'] ? '…' : '') . '”';
        }

        return match (true) {
            $value === null => 'nothing',
            is_bool($value) => $value ? 'true' : 'false',
            is_float($value) && is_infinite($value) => Say::it('document/invalid-document.show'),
            is_int($value), is_float($value) => (string) $value,
            is_array($value) => 'a list',
            default => Say::it('document/invalid-document.show.an-object'),
        };
    }
}
