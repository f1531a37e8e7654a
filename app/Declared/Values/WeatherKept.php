<?php

declare(strict_types=1);

namespace App\Declared\Values;

use App\Declared\Raw;
use App\Declared\Value;
use IdleMixer\Core\Data\InputLines;
use IdleMixer\Core\Document\Node;
use IdleMixer\Core\Weather\KeptWeather;

/** The weather of an hour in figures; a sentence where an older notebook or log has nothing else. */
final readonly class WeatherKept implements Value
{
    /** For whoever reads the schema. */
    private const TELLS = 'In °C, percent, km/h and mm in the hour, and who told it; a sentence of an older notebook stands under said.';

    public function read(Node $node): string
    {
        return $node->isNull() || ($node->isString() && $node->text(InputLines::LONGEST_NOTES['value']) === '') ? '' : KeptWeather::read($node)->json();
    }

    public function told(bool|float|int|string $kept): Raw
    {
        return new Raw(KeptWeather::kept((string) $kept)?->json() ?? 'null');
    }

    public function cast(): null
    {
        return null;
    }

    public function schema(): array
    {
        return [
            'type' => ['object', 'string', 'null'],
            'description' => self::TELLS,
        ];
    }
}
