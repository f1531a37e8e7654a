<?php

declare(strict_types=1);

namespace Tests\Faults;

use Random\Engine\Xoshiro256StarStar;
use Random\Randomizer;
use Tests\Feature\Contract;

/** Calls made up from the API document: well formed by its schemas, and then spoilt in one place or several. */
final class Fuzz
{
    private const DEEPEST = 7;

    private const ODD_PARTS = ['0', '-1', '1', '2', '999999999999999999', '1e300', 'x', '%00', '%2e%2e%2f', "'", '<script>', 'ü', '1;drop table plants', '0x1', '+1', ' 1', '1/../2'];

    private const ODD_VALUES = [0, -1, 1e300, -1e-300, '', "\0", '12', '<script>alert(1)</script>', "' or 1=1 --", '../../etc/passwd', '=1+1', null, true, false, [], [[[[]]]], "\u{202E}", '{{7*7}}', '2026-02-30T00:00:00Z', '9999-12-31T23:59:59Z', 18446744073709551615];

    private readonly Randomizer $chance;

    /** @var list<array{string, string}> */
    private readonly array $operations;

    public function __construct(int $seed)
    {
        $this->chance = new Randomizer(new Xoshiro256StarStar($seed));
        $this->operations = Contract::operations();
    }

    public function call(): Call
    {
        [$method, $path] = $this->operations[$this->chance->getInt(0, count($this->operations) - 1)];
        $filled = (string) preg_replace_callback('/\{\w+\}/', fn(): string => $this->rarely(12) ? rawurlencode($this->one(self::ODD_PARTS)) : (string) $this->chance->getInt(1, 40), $path);
        if ($this->rarely(5)) {
            $filled .= '?' . http_build_query(['from' => $this->one(self::ODD_PARTS), 'zone' => $this->one(self::ODD_PARTS), 'get' => [$this->one(self::ODD_PARTS)], 'spray' => $this->one(self::ODD_PARTS)]);
        }
        $schema = $this->at(['paths', $path, $method, 'requestBody', 'content', 'application/json', 'schema']);
        $body = $schema === null ? [] : $this->value($schema, 0);

        return new Call(strtoupper($method), $filled, is_array($body) ? array_combine(array_map(strval(...), array_keys($body)), $body) : []);
    }

    /** @param array<mixed> $schema */
    private function value(array $schema, int $depth): mixed
    {
        if ($depth > self::DEEPEST || $this->rarely(12)) {
            return $this->rarely(6) ? str_repeat('ü', 5000) : self::ODD_VALUES[$this->chance->getInt(0, count(self::ODD_VALUES) - 1)];
        }
        if (is_string($schema['$ref'] ?? null)) {
            return $this->value($this->at(explode('/', substr($schema['$ref'], 2))) ?? [], $depth + 1);
        }
        foreach (['oneOf', 'anyOf'] as $several) {
            if (is_array($schema[$several] ?? null)) {
                $one = array_values($schema[$several])[$this->chance->getInt(0, count($schema[$several]) - 1)];

                return $this->value(is_array($one) ? $one : [], $depth + 1);
            }
        }
        if (is_array($schema['enum'] ?? null)) {
            return array_values($schema['enum'])[$this->chance->getInt(0, count($schema['enum']) - 1)];
        }
        $types = (array) ($schema['type'] ?? 'object');

        return match ($types[$this->chance->getInt(0, count($types) - 1)]) {
            'integer' => $this->chance->getInt(0, 40),
            'number' => $this->chance->getInt(1, 4000) / 100,
            'boolean' => $this->rarely(2),
            'null' => null,
            'string' => $this->text($schema),
            'array' => array_map(fn(): mixed => $this->value(is_array($schema['items'] ?? null) ? $schema['items'] : [], $depth + 1), range(0, $this->chance->getInt(0, 3))),
            default => $this->object($schema, $depth),
        };
    }

    /** @param array<mixed> $schema */
    private function text(array $schema): string
    {
        return match ($schema['format'] ?? '') {
            'uuid' => Call::uuid(),
            'date-time' => sprintf('20%02d-%02d-%02dT12:00:00Z', $this->chance->getInt(20, 27), $this->chance->getInt(1, 12), $this->chance->getInt(1, 28)),
            default => $this->one(['aphids', 'soap', 'mild-soap', '[gal_us]', 'L', '2 tbsp neem', 'half a litre', 'Fern', 'x']),
        };
    }

    /**
     * @param array<mixed> $schema
     *
     * @return array<mixed>
     */
    private function object(array $schema, int $depth): array
    {
        $object = [];
        foreach (is_array($schema['properties'] ?? null) ? $schema['properties'] : [] as $key => $inner) {
            $needed = in_array($key, (array) ($schema['required'] ?? []), true);
            if ($needed ? ! $this->rarely(25) : $this->rarely(2)) {
                $object[$key] = $this->value(is_array($inner) ? $inner : [], $depth + 1);
            }
        }
        if ($this->rarely(25)) {
            $object['unheard-of'] = 1;
        }

        return $object;
    }

    /**
     * @param list<string> $keys
     *
     * @return array<mixed>|null
     */
    private function at(array $keys): ?array
    {
        $found = Contract::document();
        foreach ($keys as $key) {
            if (! is_array($found[$key] ?? null)) {
                return null;
            }
            $found = $found[$key];
        }

        return $found;
    }

    /** Once in so many times. */
    private function rarely(int $times): bool
    {
        return $this->chance->getInt(1, $times) === 1;
    }

    /** @param non-empty-list<string> $of */
    private function one(array $of): string
    {
        return $of[$this->chance->getInt(0, count($of) - 1)];
    }
}
