<?php

declare(strict_types=1);

namespace IdleMixer\Core\Document;

use IdleMixer\Core\Data\InputLines;
use IdleMixer\Core\Words\Say;

/**
 * Reads a document that is an object of lists one entry at a time, so that a long one never has to be held whole. Everything
 * outside of lists is read as it is.
 */
final class JsonStream
{
    private const CHUNK = 65_536;

    private const DEEPEST = InputLines::DEEPEST_DOCUMENT['value'];

    private string $buffer = '';

    private int $at = 0;

    /**
     * @param resource $file
     * @param int      $longest bytes that one entry may have
     */
    public function __construct(private $file, private readonly int $longest) {}

    /**
     * @return \Generator<string, Node> the path of each entry, and the entry; in the order in which they stand
     *
     * @throws InvalidDocument when it is no such document, an entry is too long, or it ends too early
     */
    public function entries(): \Generator
    {
        $this->expect('{', '');
        if ($this->peek() === '}') {
            return;
        }
        do {
            $key = $this->text();
            $this->expect(':', "/{$key}");
            if ($this->peek() === '[') {
                yield from $this->items($key);
            } else {
                yield "/{$key}" => $this->parsed("/{$key}");
            }
        } while ($this->another('}', "/{$key}"));
        if ($this->peek() !== '') {
            throw InvalidDocument::because('', Say::it('document/json-stream.there-more-after-end-of'), $this->peek());
        }
    }

    /** @return \Generator<string, Node> */
    private function items(string $key): \Generator
    {
        $this->expect('[', "/{$key}");
        if ($this->peek() === ']') {
            ++$this->at;

            return;
        }
        $number = 0;
        do {
            $path = "/{$key}/{$number}";
            yield $path => $this->parsed($path);
            ++$number;
        } while ($this->another(']', $path));
    }

    /** Whether a comma follows, or the end. */
    private function another(string $end, string $path): bool
    {
        $next = $this->peek();
        ++$this->at;

        return match ($next) {
            ',' => true,
            $end => false,
            default => throw InvalidDocument::because($path, $next === '' ? Say::it('document/json-stream.file-ends-here-before-document') : Say::it('document/json-stream.after-this-comma-or-needed', ['end' => $end]), $next === '' ? null : $next),
        };
    }

    private function expect(string $sign, string $path): void
    {
        $found = $this->peek();
        if ($found !== $sign) {
            throw InvalidDocument::because($path, $found === '' ? Say::it('document/json-stream.there-nothing-to-read-here') : Say::it('document/json-stream.needed-here-found', ['sign' => $sign]), $found === '' ? null : $found);
        }
        ++$this->at;
    }

    private function text(): string
    {
        $text = json_decode($this->slice(''), false);

        return is_string($text) ? $text : throw InvalidDocument::because('', Say::it('document/json-stream.key-in-quotation-marks-needed'), null);
    }

    private function parsed(string $path): Node
    {
        try {
            $text = $this->slice($path);
            JsonShape::check($text, $path);

            return new Node(json_decode($text, false, self::DEEPEST, \JSON_THROW_ON_ERROR), $path);
        } catch (\JsonException $e) {
            throw InvalidDocument::because($path, Say::it('document/json-stream.this-not-json', ['get-message' => lcfirst($e->getMessage())]), null);
        }
    }

    /** The text of one value. */
    private function slice(string $path): string
    {
        $this->peek();
        $from = $this->at;
        $depth = 0;
        while (true) {
            $this->at += strcspn($this->buffer, '"{}[],:', $this->at);
            if ($this->at >= strlen($this->buffer)) {
                $from = $this->more($from, $path);
                continue;
            }
            $sign = $this->buffer[$this->at];
            if ($sign === '"') {
                $from = $this->string($from, $path);
            } elseif ($sign === '{' || $sign === '[') {
                ++$depth;
                ++$this->at;
            } elseif (($sign === '}' || $sign === ']') && $depth > 0) {
                --$depth;
                ++$this->at;
            } elseif ($depth === 0) {
                break;
            } else {
                ++$this->at;
            }
            if ($depth === 0 && ($sign === '"' || $sign === '}' || $sign === ']')) {
                break;
            }
        }
        $text = substr($this->buffer, $from, $this->at - $from);
        $this->drop();

        return $text;
    }

    /** Goes past a string; what is read of the buffer may move meanwhile. */
    private function string(int $from, string $path): int
    {
        ++$this->at;
        while (true) {
            $this->at += strcspn($this->buffer, '"\\', $this->at);
            if ($this->at + 1 >= strlen($this->buffer) && ! ($this->at < strlen($this->buffer) && $this->buffer[$this->at] === '"')) {
                $from = $this->more($from, $path);
                continue;
            }
            $sign = $this->buffer[$this->at];
            $this->at += $sign === '"' ? 1 : 2;
            if ($sign === '"') {
                return $from;
            }
        }
    }

    /** @return int where the value begins now */
    private function more(int $from, string $path): int
    {
        $next = feof($this->file) ? '' : (string) fread($this->file, self::CHUNK);
        if ($next === '' && feof($this->file)) {
            throw InvalidDocument::because($path, Say::it('document/json-stream.file-ends-here-before-document'), null);
        }
        if (strlen($this->buffer) - $from > $this->longest) {
            throw InvalidDocument::because($path, Say::it('document/json-stream.this-entry-longer-than-bytes', ['longest' => $this->longest]), null);
        }
        $this->buffer = substr($this->buffer, $from) . $next;
        $this->at -= $from;

        return 0;
    }

    /** The next sign that is no blank; empty at the end. */
    private function peek(): string
    {
        while (true) {
            $this->at += strspn($this->buffer, " \t\r\n", $this->at);
            if ($this->at < strlen($this->buffer)) {
                return $this->buffer[$this->at];
            }
            $this->drop();
            $next = feof($this->file) ? '' : (string) fread($this->file, self::CHUNK);
            if ($next === '' && feof($this->file)) {
                return '';
            }
            $this->buffer .= $next;
        }
    }

    private function drop(): void
    {
        if ($this->at > self::CHUNK || $this->at >= strlen($this->buffer)) {
            $this->buffer = substr($this->buffer, $this->at);
            $this->at = 0;
        }
    }
}
