<?php

declare(strict_types=1);

namespace App\Records;

/** The key that a sender made up for one record, and a digest of what was sent under it. */
final readonly class Submitted
{
    /**
     * @param string $key     UUID
     * @param string $content SHA-256, in hexadecimal digits
     */
    private function __construct(public string $key, public string $content) {}

    /** @param string $json what was sent; the order of its keys does not matter */
    public static function of(string $key, string $json): self
    {
        return new self($key, self::digest(self::sorted(json_decode($json, true, flags: \JSON_THROW_ON_ERROR))));
    }

    /** The same, sent to this place of the notebook: the same words about another case are something else. */
    public function under(string $place): self
    {
        return new self($this->key, hash('sha256', "{$place}\n{$this->content}"));
    }

    /** A key of its own for each of several records that are made by one submission. */
    public function part(int $number): self
    {
        return new self(MadeId::of("{$this->key}\n{$number}"), $this->content);
    }

    /** @return array{submission: string, content: string} as the record keeps them */
    public function columns(): array
    {
        return ['submission' => $this->key, 'content' => $this->content];
    }

    private static function digest(mixed $value): string
    {
        return hash('sha256', json_encode($value, \JSON_THROW_ON_ERROR | \JSON_UNESCAPED_UNICODE));
    }

    private static function sorted(mixed $value): mixed
    {
        if (! is_array($value)) {
            return $value;
        }
        if (! array_is_list($value)) {
            ksort($value);
        }

        return array_map(self::sorted(...), $value);
    }
}
