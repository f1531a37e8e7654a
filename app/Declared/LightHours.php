<?php

declare(strict_types=1);

namespace App\Declared;

use IdleMixer\Core\Document\Node;
use IdleMixer\Core\Weather\WeatherReader;

/** When lamps over a plant go on and off, by the clock: two columns that stand or fall together. */
final readonly class LightHours extends Particular
{
    private const ON = 'lights_on';

    private const OFF = 'lights_off';

    public function key(): string
    {
        return 'lights';
    }

    public function columns(): array
    {
        return [self::ON, self::OFF];
    }

    public function isRequired(): bool
    {
        return false;
    }

    public function isEntered(): bool
    {
        return true;
    }

    public function read(Node $entry, Arrivals $arrivals): array
    {
        $node = $entry->filled($this->key());
        $lights = $node === null ? null : (new WeatherReader())->lights($node);

        return [self::ON => $lights?->on, self::OFF => $lights?->off];
    }

    public function told(array $row, Identities $identities): string
    {
        $on = $row[self::ON] ?? null;
        $off = $row[self::OFF] ?? null;

        return is_int($on) && is_int($off) ? '{"on":' . Raw::json(self::time($on)) . ',"off":' . Raw::json(self::time($off)) . '}' : 'null';
    }

    public function casts(): array
    {
        return [self::ON => 'integer', self::OFF => 'integer'];
    }

    public function schema(): array
    {
        return ['oneOf' => [['$ref' => '#/components/schemas/Lights'], ['type' => 'null']]];
    }

    private static function time(int $minutes): string
    {
        return sprintf('%02d:%02d', intdiv($minutes, 60), $minutes % 60);
    }
}
