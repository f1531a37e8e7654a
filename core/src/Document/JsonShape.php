<?php

declare(strict_types=1);

namespace IdleMixer\Core\Document;

use IdleMixer\Core\Data\InputLines;
use IdleMixer\Core\Words\Say;

/**
 * Looks over JSON text before it is decoded, in one pass and a few bytes of memory: what PHP would silently drop (a key that
 * stands twice, a number beyond its range), and what would hold it up for minutes (thousands of keys in one object, made up so
 * that all of them fall into one place of its table; lists by the hundred thousand). Text that is no JSON is left to the decoder.
 */
final class JsonShape
{
    /** @var list<array{keys: array<array-key, true>|null, at: string|int}> what is open, outermost first; no keys in a list */
    private array $open = [];

    private int $at = 0;

    private int $parts = 0;

    private function __construct(private readonly string $json, private readonly string $path) {}

    /**
     * @param string $path of what is looked at, where it stands in another document
     *
     * @throws InvalidDocument at the first fault
     */
    public static function check(string $json, string $path = ''): void
    {
        (new self($json, $path))->walk();
    }

    private function walk(): void
    {
        $length = strlen($this->json);
        while (true) {
            $run = strcspn($this->json, '{}[],"', $this->at);
            if ($run >= InputLines::LONGEST_NUMBER['value'] || strpbrk(substr($this->json, $this->at, $run), 'eE') !== false) {
                $this->number(substr($this->json, $this->at, $run));
            }
            $this->at += $run;
            if ($this->at >= $length) {
                return;
            }
            $sign = $this->json[$this->at];
            $last = count($this->open) - 1;
            if ($sign === '"') {
                $this->string($last);
                continue;
            }
            ++$this->at;
            if ($sign === '{' || $sign === '[') {
                // Deeper than anything is read: the decoder says so.
                if ($last + 1 > InputLines::DEEPEST_DOCUMENT['value']) {
                    return;
                }
                if (++$this->parts > InputLines::MOST_PARTS['value']) {
                    throw InvalidDocument::because($this->here(), Say::it('document/json-text.too-many-parts', ['most' => InputLines::MOST_PARTS['value']]), null);
                }
                $this->open[] = ['keys' => $sign === '{' ? [] : null, 'at' => 0];
            } elseif ($sign !== ',') {
                array_pop($this->open);
            } elseif ($last >= 0 && $this->open[$last]['keys'] === null) {
                $this->open[$last]['at'] = (int) $this->open[$last]['at'] + 1;
            }
        }
    }

    private function string(int $last): void
    {
        $from = $this->at;
        $end = $from + 1;
        while (true) {
            $end += strcspn($this->json, '"\\', $end);
            if (($this->json[$end] ?? '"') === '"') {
                break;
            }
            $end += 2;
        }
        $this->at = $end + 1;
        if ($last < 0 || $this->open[$last]['keys'] === null || ($this->json[$this->at + strspn($this->json, " \t\r\n", $this->at)] ?? '') !== ':') {
            return;
        }
        $raw = substr($this->json, $from, $end - $from + 1);
        $key = str_contains($raw, '\\') ? json_decode($raw) : substr($raw, 1, -1);
        $key = is_string($key) ? $key : '';
        $this->open[$last]['at'] = $key;
        if (isset($this->open[$last]['keys'][$key])) {
            throw InvalidDocument::because($this->here(), Say::it('document/json-text.this-key-stands-twice-in'), null);
        }
        if (count($this->open[$last]['keys']) >= InputLines::MOST_KEYS['value']) {
            throw InvalidDocument::because($this->here(), Say::it('document/json-text.too-many-keys', ['most' => InputLines::MOST_KEYS['value']]), null);
        }
        $this->open[$last]['keys'][$key] = true;
    }

    private function number(string $run): void
    {
        $number = trim($run, " \t\r\n:");
        if (preg_match('/\A-?\d[\d.]*([eE][+-]?\d+)?\z/', $number) === 1 && is_infinite((float) $number)) {
            throw InvalidDocument::because($this->here(), Say::it('document/json-text.too-large-a-number'), null);
        }
    }

    private function here(): string
    {
        return $this->path . implode('', array_map(static fn(array $one): string => "/{$one['at']}", $this->open));
    }
}
