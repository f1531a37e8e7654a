<?php

declare(strict_types=1);

namespace IdleMixer\Core\Tests\Phrase;

use IdleMixer\Core\Phrase\Kitchen;

/**
 * Reads the tables of what people write (`said/`). Sizes of units are worked out from their definitions, not taken from the
 * product: US gallon 231 cubic inches of 2.54 cm (NIST Handbook 44, Appendix C), imperial gallon 4.54609 L (UK units of
 * measurement regulations), Australian tablespoon 20 mL, metric cup 250 mL, all from memory; British cup half an imperial pint,
 * common practice, no source.
 */
final class Said
{
    private const KITCHENS = ['us' => Kitchen::Us, 'uk' => Kitchen::British, 'au' => Kitchen::Australian, 'm' => Kitchen::Metric];

    private const SLUGS = [
        'neem' => 'neem-oil', 'veg' => 'vegetable-oil', 'hort' => 'horticultural-oil', 'par' => 'paraffin-oil', 'cas' => 'castile-soap', 'det' => 'dish-detergent',
        'sap' => 'saponin-extract', 'poly' => 'polysorbate-20', 'alc' => 'isopropyl-alcohol', 'pox' => 'hydrogen-peroxide', 'soda' => 'baking-soda', 'mint' => 'peppermint-oil',
        'ros' => 'rosemary-oil', 'next' => 'neem-extract', 'bar' => 'bar-soap', 'kbi' => 'potassium-bicarbonate', 'egg' => 'egg', 'stock' => 'stock',
    ];

    /** @return array<string, array{Kitchen, string, string}> kitchen, line, what it gives */
    public static function phrases(): array
    {
        $all = [];
        foreach (self::lines('phrases') as $line) {
            [$kitchen, $text, $gives] = array_map(trim(...), explode(' | ', $line, 3));
            $all["{$kitchen}: {$text}"] = [self::KITCHENS[$kitchen], $text, $gives];
        }

        return $all;
    }

    /** @return array<string, array{Kitchen, string, string}> kitchen, text, what it comes to */
    public static function recipes(): array
    {
        $all = [];
        $kitchen = Kitchen::Us;
        $text = [];
        foreach (self::lines('recipes') as $line) {
            if (preg_match('/\A\[(us|uk|au|m)\]\z/', $line, $found) === 1) {
                [$kitchen, $text] = [self::KITCHENS[$found[1]], []];
            } elseif (str_starts_with($line, '= ')) {
                $whole = implode("\n", $text);
                $all[count($all) . ': ' . str_replace("\n", ' / ', $whole)] = [$kitchen, $whole, substr($line, 2)];
            } else {
                $text[] = $line;
            }
        }

        return $all;
    }

    /**
     * @return list<array{slug: string, kind: string, low: float, high: float|null, per: float|null, strength: float|null}> low and high in mL,
     *                                                                                                                   g, pieces, percent or parts; per in mL, or parts
     */
    public static function items(string $gives): array
    {
        return array_map(self::item(...), explode(' + ', $gives));
    }

    /** @return array{slug: string, kind: string, low: float, high: float|null, per: float|null, strength: float|null} */
    private static function item(string $said): array
    {
        if (preg_match('/\A(\w+) (\d+(?:\.\d+)?)(?:\.\.(\d+(?:\.\d+)?))?(%|part|:[\d.]+|[a-zA-Z]+)(?:\/([\d.]+)([a-zA-Z]+))?(?:@(\d+))?\z/', $said, $found, PREG_UNMATCHED_AS_NULL) !== 1) {
            throw new \LogicException("The table says “{$said}”, which means nothing.");
        }
        [, $slug, $low, $high, $unit, $per, $perUnit, $strength] = $found;
        $size = in_array($unit, ['%', 'part'], true) || str_starts_with($unit, ':') ? 1.0 : self::size($unit);

        return [
            'slug' => self::SLUGS[$slug] ?? $slug,
            'kind' => match (true) {
                $unit === '%' => 'percent',
                $unit === 'part', str_starts_with($unit, ':') => 'parts',
                $per !== null => 'rate',
                default => 'amount',
            },
            'low' => (float) $low * $size,
            'high' => $high === null ? null : (float) $high * $size,
            'per' => match (true) {
                str_starts_with($unit, ':') => (float) substr($unit, 1),
                $per !== null => (float) $per * self::size($perUnit ?? ''),
                default => null,
            },
            'strength' => $strength === null ? null : (float) $strength,
        ];
    }

    /** mL, g or pieces. */
    private static function size(string $unit): float
    {
        $us = 231 * 2.54 ** 3;
        $uk = 4546.09;

        return match ($unit) {
            'tbu' => $us / 256, 'tsu' => $us / 768, 'cpu' => $us / 16, 'ozu' => $us / 128, 'ptu' => $us / 8, 'qtu' => $us / 4, 'gau' => $us,
            'ozb' => $uk / 160, 'ptb' => $uk / 8, 'gab' => $uk, 'cpb' => $uk / 16,
            'tsm' => 5.0, 'tbm' => 15.0, 'tba' => 20.0, 'cpm' => 250.0, 'drp' => 0.05, 'mL', 'g', 'x' => 1.0, 'L' => 1000.0,
            default => throw new \LogicException("The table says “{$unit}”, which is no unit of it."),
        };
    }

    /** @return list<string> */
    private static function lines(string $file): array
    {
        $lines = explode("\n", (string) file_get_contents(__DIR__ . "/said/{$file}.txt"));

        return array_values(array_filter(array_map(trim(...), $lines), static fn(string $line): bool => $line !== '' && ! str_starts_with($line, '#')));
    }
}
