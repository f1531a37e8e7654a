<?php

declare(strict_types=1);

namespace Database\Forward;

/** The limits of the versions that did not write them down with a batch: what was mixed by them goes on to be judged by them. */
final class LimitsThen
{
    private const ALL = [
        'oil-leaf' => [2, 'extension-oil'],
        'oil-drench' => [1.6, 'practice'],
        'oil-dormant' => [4, 'extension-oil'],
        'soda-leaf' => [1, 'house'],
        'soda-leaf-stop' => [1.5, 'house'],
        'alcohol-leaf' => [40, 'practice'],
        'soap-leaf' => [2, 'handbook-soap'],
        'soap-leaf-stop' => [4, 'house'],
        'essential-leaf' => [0.3, 'house'],
        'essential-leaf-stop' => [0.6, 'house'],
        'peroxide-leaf' => [1, 'house'],
        'peroxide-leaf-stop' => [3, 'house'],
    ];

    private const OF_PLANTS = [
        'tender-leaf' => ['oil_limit' => [1, 'practice'], 'soap_limit' => [1, 'house'], 'alcohol_limit' => [20, 'house']],
        'hairy-leaf' => ['oil_limit' => [1, 'practice'], 'soap_limit' => [1, 'house'], 'alcohol_limit' => [1, 'house']],
        'waxy-bloom-leaf' => ['oil_limit' => [1, 'practice'], 'soap_limit' => [1, 'house'], 'alcohol_limit' => [20, 'house']],
        'wounded-leaf' => ['oil_limit' => [1, 'practice'], 'soap_limit' => [1, 'house'], 'alcohol_limit' => [20, 'house']],
    ];

    /** @return array<string, array{value: float|int, unit: string, source: string}> */
    public static function rows(): array
    {
        return [...array_map(self::percent(...), self::ALL), 'oil-stop-factor' => ['value' => 1.5, 'unit' => '1', 'source' => 'house']];
    }

    /** @return array<string, array{value: float|int, unit: string, source: string}> */
    public static function ofPlant(string $slug): array
    {
        return array_map(self::percent(...), self::OF_PLANTS[$slug] ?? []);
    }

    /**
     * @param array{float|int, string} $limit
     *
     * @return array{value: float|int, unit: string, source: string}
     */
    private static function percent(array $limit): array
    {
        return ['value' => $limit[0], 'unit' => '%', 'source' => $limit[1]];
    }
}
