<?php

declare(strict_types=1);

namespace IdleMixer\Core\Document;

use IdleMixer\Core\Words\Say;

/**
 * One value of a decoded JSON tree with the path that leads to it, read strictly: a number in quotes
 * is not a number, an unknown key is a fault.
 */
final readonly class Node
{
    /** @param array<string, self> $members of an object that was read, by key; none of anything else */
    public function __construct(private mixed $value, public string $path, private array $members = []) {}

    /**
     * An object that is put together of what was read.
     *
     * @param array<string, self> $members by key
     */
    public static function holding(array $members, string $path): self
    {
        return new self(new \stdClass(), $path, $members);
    }

    /**
     * @param list<string> $known the keys that may stand here
     *
     * @throws InvalidDocument when this is no object, or has a key that is not known
     */
    public function object(array $known): self
    {
        if (! $this->value instanceof \stdClass) {
            throw InvalidDocument::because($this->path, Say::it('document/node.expected-object-here-found'), $this->value);
        }
        $members = [];
        foreach (get_object_vars($this->value) as $key => $value) {
            $key = (string) $key;
            $at = "{$this->path}/{$key}";
            if (! in_array($key, $known, true)) {
                // Only a key that is not known may hold what a path has to escape.
                $at = $this->path . '/' . str_replace(['~', '/'], ['~0', '~1'], mb_scrub($key));
                throw InvalidDocument::because($at, Say::it('document/node.there-no-key-here-known', ['known' => implode(', ', $known)]), $key);
            }
            $members[$key] = new self($value, $at);
        }

        return new self($this->value, $this->path, $members);
    }

    /**
     * An object that may hold more than is read of it.
     *
     * @throws InvalidDocument when this is no object
     */
    public function open(): self
    {
        return $this->object($this->value instanceof \stdClass ? array_map(strval(...), array_keys(get_object_vars($this->value))) : []);
    }

    /** @return list<string> keys of an object that was read */
    public function keys(): array
    {
        // PHP keeps a key of digits as a number.
        return array_map(strval(...), array_keys($this->members));
    }

    /**
     * @return list<string> keys of an object of which each names something
     *
     * @throws InvalidDocument when one is a number, which PHP would count and not name by
     */
    public function names(): array
    {
        foreach ($this->keys() as $key) {
            if (ctype_digit(ltrim($key, '-'))) {
                throw InvalidDocument::because("{$this->path}/{$key}", Say::it('document/node.no-number'), null);
            }
        }

        return $this->keys();
    }

    public function has(string $key): bool
    {
        return isset($this->members[$key]);
    }

    /** @throws InvalidDocument when the key is missing */
    public function get(string $key): self
    {
        return $this->members[$key]
            ?? throw InvalidDocument::because($this->path, Say::it('document/node.key-missing-here', ['key' => $key]), null);
    }

    public function optional(string $key): ?self
    {
        return $this->members[$key] ?? null;
    }

    /** The same, where null stands for nothing, too. */
    public function filled(string $key): ?self
    {
        $node = $this->members[$key] ?? null;

        return $node === null || $node->isNull() ? null : $node;
    }

    /**
     * @return list<self>
     *
     * @throws InvalidDocument when this is no list, or its length is outside the bounds
     */
    public function items(int $min, int $max, string $what): array
    {
        if (! is_array($this->value) || ! array_is_list($this->value)) {
            throw InvalidDocument::because($this->path, Say::it('document/node.expected-list-of-here-found', ['what' => $what]), $this->value);
        }
        $count = count($this->value);
        if ($count < $min || $count > $max) {
            $bounds = match (true) {
                $min === $max => Say::it('document/node.just', ['min' => $min]),
                $min === 0 => Say::it('document/node.at-most', ['max' => $max]),
                default => Say::it('document/node.between-and', ['min' => $min, 'max' => $max]),
            };
            throw InvalidDocument::because($this->path, Say::it('document/node.may-stand-here-found', ['bounds' => $bounds, 'what' => $what, 'count' => $count]), $this->value);
        }
        $nodes = [];
        foreach ($this->value as $i => $item) {
            $nodes[] = new self($item, "{$this->path}/{$i}");
        }

        return $nodes;
    }

    public function isObject(): bool
    {
        return $this->value instanceof \stdClass;
    }

    public function isString(): bool
    {
        return is_string($this->value);
    }

    public function isNumber(): bool
    {
        return is_int($this->value) || is_float($this->value);
    }

    public function isFlag(): bool
    {
        return is_bool($this->value);
    }

    /** @throws InvalidDocument when this is no text, has fewer characters than `$min` or more than `$max`, or is blank where it must not be empty */
    public function text(int $max, int $min = 0): string
    {
        return BoundedText::lines($this->value, $this->path, $max, $min);
    }

    /** @throws InvalidDocument as for text; a name is one line, whatever stood between its words */
    public function line(int $max, int $min = 0): string
    {
        return BoundedText::line($this->value, $this->path, $max, $min);
    }

    /**
     * @param list<string> $allowed
     *
     * @throws InvalidDocument when this is none of the allowed words
     */
    public function word(array $allowed, string $what): string
    {
        if (! is_string($this->value) || ! in_array($this->value, $allowed, true)) {
            throw InvalidDocument::because($this->path, Say::it('document/node.no-known-known-are', ['what' => $what, 'allowed' => implode(', ', $allowed)]), $this->value);
        }

        return $this->value;
    }

    /** @throws InvalidDocument when this is no number, or is not finite and above zero */
    public function positive(float $max = \PHP_FLOAT_MAX): float
    {
        $number = $this->number();
        if ($number <= 0.0 || $number > $max) {
            $upTo = $max === \PHP_FLOAT_MAX ? '' : Say::it('document/node.and-at-most', ['max' => $max]);
            throw InvalidDocument::because($this->path, Say::it('document/node.expected-number-above-0-found', ['up-to' => $upTo]), $this->value);
        }

        return $number;
    }

    /** @throws InvalidDocument when this is no finite number */
    public function number(): float
    {
        if ((! is_int($this->value) && ! is_float($this->value)) || ! is_finite((float) $this->value)) {
            throw InvalidDocument::because($this->path, Say::it('document/node.expected-finite-number-not-in'), $this->value);
        }

        return (float) $this->value;
    }

    /** @throws InvalidDocument when this is neither true nor false */
    public function flag(): bool
    {
        if (! is_bool($this->value)) {
            throw InvalidDocument::because($this->path, Say::it('document/node.expected-true-or-false-here'), $this->value);
        }

        return $this->value;
    }

    /** @throws InvalidDocument when this is no whole number within the bounds */
    public function whole(int $min, int $max): int
    {
        $number = $this->number();
        if (floor($number) !== $number || $number < $min || $number > $max) {
            throw InvalidDocument::because($this->path, Say::it('document/node.expected-whole-number-from-to', ['min' => $min, 'max' => $max]), $this->value);
        }

        return (int) $number;
    }

    /** @throws InvalidDocument when this is no finite number from 0 to `$max` */
    public function countUpTo(float $max): float
    {
        $number = $this->number();
        if ($number < 0.0 || $number > $max) {
            throw InvalidDocument::because($this->path, Say::it('document/node.expected-number-from-0-to', ['max' => $max]), $this->value);
        }

        return $number;
    }

    /**
     * An instant as RFC 3339 has it, like 2026-05-03T19:30:00+02:00.
     *
     * @throws InvalidDocument when this is none, or lies outside the bounds
     */
    public function instant(\DateTimeImmutable $from, \DateTimeImmutable $to): \DateTimeImmutable
    {
        return DayAndHour::instant($this->text(40), $this->path, $from, $to);
    }

    /**
     * A day as RFC 3339 has it, like 2026-05-03.
     *
     * @throws InvalidDocument when it is none, or not between 2000 and 2100
     */
    public function day(): string
    {
        return DayAndHour::day($this->text(10), $this->path);
    }

    /** The value as JSON text again. */
    public function json(): string
    {
        return json_encode($this->value, \JSON_UNESCAPED_UNICODE | \JSON_UNESCAPED_SLASHES | \JSON_PRESERVE_ZERO_FRACTION | \JSON_THROW_ON_ERROR);
    }

    /**
     * The object as it was decoded, to be handed on unread.
     *
     * @throws InvalidDocument when this is no object
     */
    public function raw(): \stdClass
    {
        return $this->value instanceof \stdClass ? $this->value : throw InvalidDocument::because($this->path, Say::it('document/node.expected-object-here-found'), $this->value);
    }

    public function isNull(): bool
    {
        return $this->value === null;
    }

    public function fault(string $reason): InvalidDocument
    {
        return InvalidDocument::because($this->path, $reason, $this->value);
    }
}
