<?php

declare(strict_types=1);

namespace IdleMixer\Core\Batch;

use IdleMixer\Core\Document\Node;
use IdleMixer\Core\Plant\Surface;
use IdleMixer\Core\Safety\Target;
use IdleMixer\Core\Source\Sourced;

/**
 * The limits of a batch that was planned when there was one for all oils and few for each surface, as rows of today: what
 * held then goes on to hold for it.
 *
 * @phpstan-import-type SourcedRow from Sourced
 */
final class OlderLimits
{
    /** What stood with the plant. */
    public const PLANT = ['oil_limit', 'soap_limit', 'alcohol_limit'];

    private const MARK = 'oil-stop-factor';

    private const OILS = ['refined-oil', 'kitchen-oil', 'neem'];

    private const SOAPS = ['true-soap', 'detergent'];

    /**
     * @param array<string, SourcedRow> $rows  as they were written down
     * @param Node|null           $plant with what it was said to bear
     *
     * @return array<string, SourcedRow> the same where they are of today
     */
    public static function forward(array $rows, ?Node $plant, NumberReader $numbers, Target $target): array
    {
        $column = $target->limits();
        if (! isset($rows[self::MARK]) || $column === null) {
            return $rows;
        }
        $own = static fn(string $key): ?array => $plant?->filled($key) === null ? null : $numbers->row($plant->get($key));
        $all = match ($target->surface()) {
            Surface::Wood => ['oil' => $own('oil_limit') ?? $rows['oil-dormant']],
            Surface::Soil => ['oil' => $rows['oil-drench']],
            default => [
                'oil' => $own('oil_limit') ?? $rows['oil-leaf'],
                'soap' => $own('soap_limit') ?? $rows['soap-leaf'],
                'alcohol' => $own('alcohol_limit') ?? $rows['alcohol-leaf'],
                'essential-oil' => $rows['essential-leaf'],
                'soda' => $rows['soda-leaf'],
                'peroxide' => $rows['peroxide-leaf'],
            ],
        };
        $stops = ['soap' => 'soap-leaf-stop', 'essential-oil' => 'essential-leaf-stop', 'soda' => 'soda-leaf-stop', 'peroxide' => 'peroxide-leaf-stop'];
        foreach ($all as $what => $limit) {
            $stop = $what === 'oil' ? [...$limit, 'value' => $limit['value'] * $rows[self::MARK]['value']] : (isset($stops[$what]) ? $rows[$stops[$what]] : $limit);
            foreach (['oil' => self::OILS, 'soap' => self::SOAPS][$what] ?? [$what] as $substance) {
                $rows["{$substance}/{$column}"] = $limit;
                $rows["{$substance}/{$column}/stop"] = $stop;
            }
        }

        return $rows;
    }
}
