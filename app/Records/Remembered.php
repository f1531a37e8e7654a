<?php

declare(strict_types=1);

namespace App\Records;

use DateTimeImmutable;

/** What was said before and kept as it was sent; what is not in it was not said. */
final readonly class Remembered
{
    /** @var array<array-key, mixed> */
    private array $said;

    public function __construct(?string $json, private ?self $else = null)
    {
        $said = $json === null ? [] : json_decode($json, true, flags: \JSON_THROW_ON_ERROR);
        $this->said = is_array($said) ? $said : [];
    }

    /** The same, with another to ask for what this one does not hold. */
    public function or(self $other): self
    {
        return new self(json_encode((object) $this->said, \JSON_THROW_ON_ERROR | \JSON_PRESERVE_ZERO_FRACTION), $other);
    }

    /** @return array<string, int|null> natural enemies that were seen and kept so, by slug, and how many */
    public static function seen(?string $json): array
    {
        return (new self('{"seen":' . ($json ?? '{}') . '}'))->numbers('seen');
    }

    public function has(string $key): bool
    {
        return array_key_exists($key, $this->said);
    }

    /** An instant as RFC 3339 has it. */
    public function instant(string $key): ?DateTimeImmutable
    {
        $text = $this->text($key);
        $instant = $text === null ? false : DateTimeImmutable::createFromFormat(DATE_RFC3339, $text);

        return $instant === false ? null : $instant;
    }

    public function text(string $key): ?string
    {
        $value = $this->value($key);

        return is_string($value) ? $value : null;
    }

    public function flag(string $key): bool
    {
        return $this->value($key) === true;
    }

    public function number(string $key): ?float
    {
        $value = $this->value($key);

        return is_int($value) || is_float($value) ? (float) $value : null;
    }

    /** @return array<string, int|null> a list of numbers, by what they are of */
    public function numbers(string $key): array
    {
        $all = [];
        $value = $this->value($key);
        foreach (is_array($value) ? $value : [] as $name => $number) {
            $all[(string) $name] = is_int($number) ? $number : null;
        }

        return $all;
    }

    private function value(string $key): mixed
    {
        return array_key_exists($key, $this->said) ? $this->said[$key] : $this->else?->value($key);
    }
}
